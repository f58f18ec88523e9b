<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;

/** Lines at true size, in millimetres. */
final readonly class DrawingData
{
    /**
     * @param  list<DrawnPathData>  $paths
     * @param  list<DrawnLabelData>  $labels
     */
    public function __construct(
        public string $name,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        public array $paths,
        public array $labels,
    ) {
    }

    public static function of(Drawing $drawing): self
    {
        return new self(
            $drawing->name,
            $drawing->widthMm,
            $drawing->heightMm,
            array_map(DrawnPathData::of(...), $drawing->paths),
            array_map(
                static fn (Label $label): DrawnLabelData => new DrawnLabelData(
                    group: $label->group,
                    x_mm: $label->xMm,
                    y_mm: $label->yMm,
                    text: $label->text,
                    size_mm: $label->sizeMm,
                    anchor: $label->anchor->value,
                ),
                $drawing->labels,
            ),
        );
    }
}
