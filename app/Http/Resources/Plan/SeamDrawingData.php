<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDrawing;

/** Every line from the top down as cubics. */
final readonly class SeamDrawingData
{
    /**
     * @param  list<SeamLineData>  $lines  the printed ones
     * @param  list<CurvePartData>  $front  the line that is cut
     * @param  ?list<CurvePartData>  $back  the back's, where it differs
     * @param  ?list<CurvePartData>  $blend  the front's blend alone, where the line is more than that
     */
    public function __construct(
        public array $lines,
        public array $front,
        public ?array $back,
        public ?array $blend,
    ) {
    }

    public static function of(SeamDrawing $drawing, Plan $plan): self
    {
        $parts = static fn (Curve $curve): array => array_map(CurvePartData::of(...), $curve->parts);
        $lines = array_map(
            static fn (int $size, Curve $line): SeamLineData => new SeamLineData($plan->nameOf($size), $parts($line)),
            array_keys($drawing->lines),
            $drawing->lines,
        );

        return new self(
            $lines,
            $parts($drawing->front),
            $drawing->back === null ? null : $parts($drawing->back),
            $drawing->blend === null ? null : $parts($drawing->blend),
        );
    }
}
