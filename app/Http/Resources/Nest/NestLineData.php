<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Models\Nest;
use App\Paper\MakePaper;
use OpenApi\Attributes as OA;
use Underbolt\Nest\NestLine;
use Underbolt\Refusal;

#[OA\Schema(description: 'the line of a make on the drawing of one piece, in millimetres of the drawing: x and y in turn')]
final readonly class NestLineData
{
    /**
     * @param  ?list<float>  $seam
     * @param  ?list<float>  $outline
     * @param  list<list<float>>  $levels
     * @param  list<list<float>>  $notches
     */
    public function __construct(
        #[OA\Property(enum: ['front', 'back'])] public string $piece,
        #[OA\Property(description: 'the new side seam; null where it can\'t be drawn', items: new OA\Items(type: 'number'), nullable: true)] public ?array $seam,
        #[OA\Property(description: 'the new piece; null where the lines are open', items: new OA\Items(type: 'number'), nullable: true)] public ?array $outline,
        #[OA\Property(description: 'waist and hip on it', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $levels,
        #[OA\Property(description: 'across the seam', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $notches,
        #[OA\Property(description: 'length of the new seam', nullable: true)] public ?float $length_mm,
        #[OA\Property(description: 'length of the frame size\'s seam as printed', nullable: true)] public ?float $printed_length_mm,
        #[OA\Property(description: 'why there is no line', nullable: true)] public ?string $fault,
    ) {
    }

    public static function of(Nest $nest, MakePaper $paper): self
    {
        try {
            return self::drawn($nest->piece, $paper->on($nest)->line);
        } catch (Refusal $refusal) {
            return new self(
                piece: $nest->piece,
                seam: null,
                outline: null,
                levels: [],
                notches: [],
                length_mm: null,
                printed_length_mm: null,
                fault: $refusal->faults()[0]->line(),
            );
        }
    }

    private static function drawn(string $piece, NestLine $line): self
    {
        return new self(
            piece: $piece,
            seam: NestDrawnLineData::numbers($line->seam),
            outline: $line->piece === null ? null : NestDrawnLineData::numbers($line->piece),
            levels: array_map(NestDrawnLineData::numbers(...), $line->levels),
            notches: array_map(NestDrawnLineData::numbers(...), $line->notches),
            length_mm: round($line->lengths->whole(), 1),
            printed_length_mm: round($line->printed->whole(), 1),
            fault: null,
        );
    }
}
