<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Paper\Path;
use Underbolt\Paper\SvgText;

#[OA\Schema]
final readonly class DrawnPathData
{
    /** @param  list<float>  $dash_mm */
    public function __construct(
        #[OA\Property(description: 'such as front-cut or front-line-3')] public string $group,
        #[OA\Property(enum: ['cut', 'stitch', 'printed', 'grain', 'level', 'station', 'test'])] public string $pen,
        #[OA\Property(description: 'on paper')] public float $width_mm,
        #[OA\Property(description: 'lengths of dash and gap; none for a line without gaps', items: new OA\Items(type: 'number'))]
        public array $dash_mm,
        #[OA\Property(description: 'as an SVG path, in millimetres')] public string $d,
    ) {
    }

    public static function of(Path $path): self
    {
        return new self($path->group, $path->pen->value, $path->pen->widthMm(), $path->pen->dashMm(), SvgText::data($path));
    }
}
