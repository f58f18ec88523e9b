<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Refusal;

#[OA\Schema(description: 'the printed lines of one piece, in millimetres of the drawing')]
final readonly class NestPrintedData
{
    public function __construct(
        #[OA\Property(enum: ['front', 'back'])] public string $piece,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        #[OA\Property(description: 'x and y in turn, by size; none where the sizes are not named yet', type: 'object', additionalProperties: new OA\AdditionalProperties(
            type: 'array', items: new OA\Items(type: 'number'),
        ))] public stdClass $lines,
    ) {
    }

    public static function of(Nest $nest): self
    {
        $drawing = $nest->drawn();
        $lines = new stdClass;
        try {
            foreach ($nest->marked($drawing, sizes: [])->lines as $size => $id) {
                $lines->{$size} = NestDrawnLineData::numbers($drawing->line($id, "lines.{$size}"));
            }
        } catch (Refusal) {
            // What is missing is said beside the line that can't be drawn.
        }

        return new self($nest->piece, round($drawing->widthMm, 2), round($drawing->heightMm, 2), $lines);
    }
}
