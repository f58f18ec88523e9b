<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use App\Paper\MakePaper;
use OpenApi\Attributes as OA;
use Underbolt\Nest\NestLine;
use Underbolt\Refusal;

/** The line of a make on the drawing of one piece, in millimetres of the drawing: x and y in turn. */
final readonly class NestLineData
{
    /**
     * @param  'front'|'back'|'front_lining'|'back_lining'|'skirt_front'|'skirt_back'  $piece
     * @param  ?list<float>  $seam  the new side seam; null where it can't be drawn
     * @param  ?list<float>  $beside  the cutting line of a stitching line, or the other way round; null where one of the two isn't known
     * @param  'stitching'|'cutting'|null  $line_is  what the seam is
     * @param  ?list<float>  $outline  the new piece; null where the lines are open
     * @param  list<list<float>>  $levels  waist and hip on it
     * @param  list<list<float>>  $notches  across the seam
     * @param  ?list<float>  $eased  where the seam is held in while it is sewn
     * @param  ?string  $fault  why there is no line
     */
    public function __construct(
        public string $piece,
        public ?array $seam,
        public ?array $beside,
        public ?string $line_is,
        public ?array $outline,
        public array $levels,
        public array $notches,
        public ?array $eased,
        #[OA\Property(description: 'length of the new seam', nullable: true)] public ?float $length_mm,
        #[OA\Property(description: 'length of the frame size\'s seam as printed', nullable: true)] public ?float $printed_length_mm,
        public ?string $fault,
    ) {
    }

    public static function of(Nest $nest, MakePaper $paper): self
    {
        try {
            return self::drawn($nest->piece, $paper->lineOn($nest));
        } catch (Refusal $refusal) {
            return new self(
                piece: $nest->piece,
                seam: null,
                beside: null,
                line_is: null,
                outline: null,
                levels: [],
                notches: [],
                eased: null,
                length_mm: null,
                printed_length_mm: null,
                fault: $refusal->faults()[0]->line(),
            );
        }
    }

    /** @param  'front'|'back'|'front_lining'|'back_lining'|'skirt_front'|'skirt_back'  $piece */
    private static function drawn(string $piece, NestLine $line): self
    {
        return new self(
            piece: $piece,
            seam: NestDrawnLineData::numbers($line->seam),
            beside: $line->beside === null ? null : NestDrawnLineData::numbers($line->beside),
            line_is: $line->lineIs?->value,
            outline: $line->piece === null ? null : NestDrawnLineData::numbers($line->piece),
            levels: array_map(NestDrawnLineData::numbers(...), $line->levels),
            notches: array_map(NestDrawnLineData::numbers(...), $line->notches),
            eased: $line->eased === null ? null : NestDrawnLineData::numbers($line->eased),
            length_mm: round($line->lengths->whole(), 1),
            printed_length_mm: round($line->printed->whole(), 1),
            fault: null,
        );
    }
}
