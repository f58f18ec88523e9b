<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\SvgText;

final readonly class DrawnPathData
{
    /**
     * @param  string  $group  such as front-cut or front-line-3
     * @param  value-of<Pen>  $pen
     * @param  list<float>  $dash_mm  lengths of dash and gap; none for a line without gaps
     * @param  string  $d  as an SVG path, in millimetres
     */
    public function __construct(
        public string $group,
        public string $pen,
        #[OA\Property(description: 'on paper')] public float $width_mm,
        public array $dash_mm,
        public string $d,
    ) {
    }

    public static function of(Path $path): self
    {
        return new self($path->group, $path->pen->value, $path->pen->widthMm(), $path->pen->dashMm(), SvgText::data($path));
    }
}
