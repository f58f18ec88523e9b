<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Nest\NestLine;
use Underbolt\Planning\Plan;
use Underbolt\Refusal;

#[OA\Schema(description: 'the line of a make on the drawing of one piece, in millimetres of the drawing')]
final readonly class NestLineData
{
    /**
     * @param  ?list<float>  $seam
     * @param  ?list<float>  $outline
     */
    public function __construct(
        #[OA\Property(enum: ['front', 'back'])] public string $piece,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $height_mm,
        #[OA\Property(description: 'the printed lines, x and y in turn, by size', type: 'object', additionalProperties: new OA\AdditionalProperties(
            type: 'array', items: new OA\Items(type: 'number'),
        ))] public stdClass $printed,
        #[OA\Property(description: 'the new side seam; null where it can\'t be drawn', items: new OA\Items(type: 'number'), nullable: true)] public ?array $seam,
        #[OA\Property(description: 'the new piece; null where the lines are open', items: new OA\Items(type: 'number'), nullable: true)] public ?array $outline,
        #[OA\Property(description: 'length of the new seam', nullable: true)] public ?float $length_mm,
        #[OA\Property(description: 'length of the frame size\'s seam as printed', nullable: true)] public ?float $printed_length_mm,
        #[OA\Property(description: 'how much longer the armhole gets', nullable: true)] public ?float $armhole_change_mm,
        #[OA\Property(description: 'why there is no line', nullable: true)] public ?string $fault,
    ) {
    }

    public static function of(Nest $nest, Plan $plan): self
    {
        $drawing = $nest->drawn();
        $printed = new stdClass;
        try {
            $marks = $nest->marked($drawing);
            foreach ($marks->lines as $size => $id) {
                $printed->{$size} = NestDrawnLineData::numbers($drawing->line($id, "lines.{$size}"));
            }
            $line = NestLine::of($plan, $drawing, $marks);
            $fault = null;
        } catch (Refusal $refusal) {
            [$line, $fault] = [null, $refusal->faults()[0]->line()];
        }

        return new self(
            piece: $nest->piece,
            width_mm: round($drawing->widthMm, 2),
            height_mm: round($drawing->heightMm, 2),
            printed: $printed,
            seam: $line === null ? null : NestDrawnLineData::numbers($line->seam),
            outline: $line?->piece === null ? null : NestDrawnLineData::numbers($line->piece),
            length_mm: $line === null ? null : round($line->seam->length(), 1),
            printed_length_mm: $line === null ? null : round($line->printedMm, 1),
            armhole_change_mm: $line?->outline === null ? null : round($line->outline->armholeMm - $line->outline->printedArmholeMm, 1),
            fault: $fault,
        );
    }
}
