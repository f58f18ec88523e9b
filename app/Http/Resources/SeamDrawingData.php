<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;
use Underbolt\Planning\SeamDrawing;

#[OA\Schema]
final readonly class SeamDrawingData
{
    /**
     * @param  list<int>  $depths_nm
     * @param  list<SeamLineData>  $lines
     * @param  list<?int>  $cut_nm
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'integer'))] public array $depths_nm,
        #[OA\Property(items: new OA\Items(ref: SeamLineData::class))] public array $lines,
        #[OA\Property(description: 'the new line', items: new OA\Items(type: 'integer', nullable: true))] public array $cut_nm,
    ) {
    }

    public static function of(SeamDrawing $drawing, Plan $plan): self
    {
        $lines = [];
        foreach ($drawing->lines as $size => $line) {
            $lines[] = new SeamLineData($plan->nameOf($size), array_map(static fn (Length $out): int => $out->nanometres, $line));
        }

        return new self(
            array_map(static fn (Length $depth): int => $depth->nanometres, $drawing->depths),
            $lines,
            array_map(static fn (?Length $out): ?int => $out?->nanometres, $drawing->cut),
        );
    }
}
