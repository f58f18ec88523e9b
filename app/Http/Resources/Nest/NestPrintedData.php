<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use OpenApi\Attributes as OA;
use Underbolt\Refusal;

/** The printed lines of one piece, in millimetres of the drawing. */
final readonly class NestPrintedData
{
    /**
     * @param  'front'|'back'|'front_lining'|'back_lining'|'skirt_front'|'skirt_back'  $piece
     * @param  list<list<float>>  $lines  of each size, x and y in turn; none where the sizes are not named yet
     */
    public function __construct(
        public string $piece,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        public array $lines,
    ) {
    }

    public static function of(Nest $nest): self
    {
        $drawing = $nest->drawn();
        $lines = [];
        try {
            foreach ($nest->marked($drawing, sizes: [])->lines as $size => $id) {
                $lines[] = NestDrawnLineData::numbers($drawing->line($id, "lines.{$size}"));
            }
        } catch (Refusal) {
            // What is missing is said beside the line that can't be drawn.
        }

        return new self($nest->piece, round($drawing->widthMm, 2), round($drawing->heightMm, 2), $lines);
    }
}
