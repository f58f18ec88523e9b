<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use OpenApi\Attributes as OA;
use Underbolt\Refusal;

#[OA\Schema(description: 'the printed lines of one piece, in millimetres of the drawing')]
final readonly class NestPrintedData
{
    /** @param  list<list<float>>  $lines */
    public function __construct(
        #[OA\Property(enum: ['front', 'back'])] public string $piece,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        #[OA\Property(description: 'of each size, x and y in turn; none where the sizes are not named yet', items: new OA\Items(
            type: 'array', items: new OA\Items(type: 'number'),
        ))] public array $lines,
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
