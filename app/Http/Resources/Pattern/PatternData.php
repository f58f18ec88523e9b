<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Http\Resources\Account\FaultData;
use App\Models\Pattern;
use App\Records\Bin;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\DraftedEase;
use Underbolt\Pattern\EaseLook;
use Underbolt\Pattern\Paper\FlatCheck;

#[OA\Schema]
final readonly class PatternData
{
    /**
     * @param  list<FaultData>  $faults
     * @param  list<DraftedEaseData>  $drafted_ease
     * @param  list<FaultData>  $odd
     * @param  list<FlatRowData>  $from_tissue
     * @param  list<DraftData>  $drafts
     * @param  list<PatternMakeData>  $makes
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'what is deleted along with it, in words')] public string $goes_along,
        #[OA\Property] public string $house,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: PatternDocument::class)] public stdClass $document,
        #[OA\Property(items: new OA\Items(ref: FaultData::class))] public array $faults,
        #[OA\Property(description: 'one for every finished row', items: new OA\Items(ref: DraftedEaseData::class))]
        public array $drafted_ease,
        #[OA\Property(description: 'worth a second look; it hinders nothing', items: new OA\Items(ref: FaultData::class))]
        public array $odd,
        #[OA\Property(
            description: 'finished rows that only the tissue tells',
            items: new OA\Items(ref: FlatRowData::class),
        )] public array $from_tissue,
        #[OA\Property(description: 'sets of envelopes drawn as one set of lines', items: new OA\Items(ref: DraftData::class))]
        public array $drafts,
        #[OA\Property(description: 'the rule for a measure between two sizes', enum: ['up', 'down', 'nearest'])] public string $between,
        #[OA\Property(description: 'the newest first', items: new OA\Items(ref: PatternMakeData::class))] public array $makes,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $faults = $core === null ? $log->faults() : [...$log->faults(), ...ChartCheck::all($core)];

        return new self(
            id: $pattern->id,
            version: $pattern->version,
            name: $pattern->name,
            goes_along: Bin::alongWords($pattern),
            house: $pattern->house,
            unit: $pattern->unit->value,
            document: $pattern->document,
            faults: array_map(FaultData::of(...), $faults),
            drafted_ease: $core === null ? [] : array_map(DraftedEaseData::of(...), DraftedEase::all($core)),
            odd: $core === null ? [] : array_map(FaultData::of(...), EaseLook::over($core)),
            from_tissue: $core === null
                ? []
                : array_values(array_map(static fn (FlatCheck $check): FlatRowData => FlatRowData::of($check, $core), $core->parts->flat)),
            drafts: $core === null ? [] : array_map(static fn (string $draft): DraftData => DraftData::of($core, $draft), $core->drafts()),
            between: ($core->between ?? BetweenRule::Up)->value,
            makes: PatternMakeData::all($pattern),
        );
    }
}
