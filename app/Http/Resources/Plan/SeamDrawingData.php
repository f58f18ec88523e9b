<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDrawing;

#[OA\Schema(description: 'every line from the top down as cubics')]
final readonly class SeamDrawingData
{
    /**
     * @param  list<SeamLineData>  $lines
     * @param  list<CurvePartData>  $front
     * @param  ?list<CurvePartData>  $back
     * @param  ?list<CurvePartData>  $blend
     */
    public function __construct(
        #[OA\Property(description: 'the printed ones', items: new OA\Items(ref: SeamLineData::class))] public array $lines,
        #[OA\Property(description: 'the line that is cut', items: new OA\Items(ref: CurvePartData::class))] public array $front,
        #[OA\Property(
            description: 'the back\'s, where it differs',
            type: 'array',
            items: new OA\Items(ref: CurvePartData::class),
            nullable: true,
        )] public ?array $back,
        #[OA\Property(
            description: 'the front\'s blend alone, where the line is more than that',
            type: 'array',
            items: new OA\Items(ref: CurvePartData::class),
            nullable: true,
        )] public ?array $blend,
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
