<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Pattern;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\File\FaultLog;
use Underbolt\Pattern\ChartCheck;

#[OA\Schema]
final readonly class PatternData
{
    /**
     * @param  list<FaultData>  $faults
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $house,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: PatternDocument::class)] public stdClass $document,
        #[OA\Property(items: new OA\Items(ref: FaultData::class))] public array $faults,
        #[OA\Property(ref: DraftedEaseData::class)] public DraftedEaseData $drafted_ease_nm,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $faults = $core === null ? $log->faults() : [...$log->faults(), ...ChartCheck::all($core)];

        return new self(
            $pattern->id,
            $pattern->name,
            $pattern->house,
            $pattern->unit->value,
            $pattern->document,
            array_map(FaultData::of(...), $faults),
            DraftedEaseData::of($core),
        );
    }
}
