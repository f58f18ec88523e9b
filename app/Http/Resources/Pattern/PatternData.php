<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Http\Resources\Account\FaultData;
use App\Models\Nest;
use App\Models\Pattern;
use App\Records\Bin;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\DraftedEase;
use Underbolt\Pattern\EaseLook;
use Underbolt\Pattern\Paper\FlatCheck;
use Underbolt\Pattern\Pattern as CorePattern;
use Underbolt\Pattern\Pieces\Piece;

final readonly class PatternData
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  string  $goes_along  what is deleted along with it, in words
     * @param  value-of<Unit>  $unit
     * @param  list<FaultData>  $faults
     * @param  list<DraftedEaseData>  $drafted_ease  one for every finished row
     * @param  list<FaultData>  $odd  worth a second look; it hinders nothing
     * @param  list<FlatRowData>  $from_tissue  finished rows that only the tissue tells
     * @param  list<DraftData>  $drafts  sets of envelopes drawn as one set of lines
     * @param  value-of<BetweenRule>  $between  the rule for a measure between two sizes
     * @param  list<PatternMakeData>  $makes  the newest first
     * @param  list<UnderstoodPieceData>  $pieces  those that are listed, as they are understood
     * @param  list<string>  $drawn  pieces that have a drawing of their own
     * @param  list<UnderstoodPieceData>  $usual_pieces  that such a garment usually has; nobody has confirmed them
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $goes_along,
        public string $house,
        public string $unit,
        #[OA\Property(ref: PatternDocument::class)] public stdClass $document,
        public array $faults,
        public array $drafted_ease,
        public array $odd,
        public array $from_tissue,
        public array $drafts,
        public string $between,
        public array $makes,
        public array $pieces,
        public array $usual_pieces,
        public array $drawn,
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
            drafted_ease: $core === null ? [] : array_map(DraftedEaseData::of(...), DraftedEase::told($core)),
            odd: $core === null ? [] : array_map(FaultData::of(...), EaseLook::over($core)),
            from_tissue: $core === null
                ? []
                : array_map(static fn (string $at, FlatCheck $check): FlatRowData => FlatRowData::of($at, $check, $core), array_keys($core->parts->flat), $core->parts->flat),
            drafts: $core === null ? [] : array_map(static fn (string $draft): DraftData => DraftData::of($core, $draft), $core->drafts()),
            between: ($core->between ?? BetweenRule::Up)->value,
            makes: PatternMakeData::all($pattern),
            pieces: $core === null ? [] : array_map(static fn (Piece $piece): UnderstoodPieceData => UnderstoodPieceData::of($piece, $pattern->unit), $core->notes->pieces),
            usual_pieces: $core === null ? [] : self::usual($core, $pattern->unit),
            drawn: array_values($pattern->nests->map(static fn (Nest $nest): string => $nest->piece)->sort()->all()),
        );
    }

    /** @return list<UnderstoodPieceData> */
    private static function usual(CorePattern $core, Unit $unit): array
    {
        $pieces = $core->garment?->usualPieces($core->pulledOn, $core->fabric->kind === FabricKind::Knit, $core->name) ?? [];

        return array_map(static fn (Piece $piece): UnderstoodPieceData => UnderstoodPieceData::of($piece, $unit), $pieces);
    }
}
