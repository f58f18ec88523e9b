<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\File\CardLine;
use Underbolt\Measure\PointGuides;

#[OA\Schema]
final readonly class ImportLineData
{
    public function __construct(
        #[OA\Property(description: 'of the line in the file')] public int $number,
        #[OA\Property] public string $point,
        #[OA\Property(description: 'of the point')] public string $name,
        #[OA\Property(description: 'as typed')] public string $text,
        #[OA\Property] public int $length_nm,
        #[OA\Property(description: 'which try, from 1')] public int $attempt,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public string $foundation,
        #[OA\Property(description: 'what stands there now and is written over; null where nothing does')] public ?string $replaces,
    ) {
    }

    public static function of(CardLine $line, ?string $replaces): self
    {
        return new self(
            number: $line->number,
            point: $line->point->value,
            name: PointGuides::all()[$line->point->value]->name,
            text: $line->text,
            length_nm: $line->length->nanometres,
            attempt: $line->attempt,
            date: $line->date,
            foundation: $line->foundation,
            replaces: $replaces,
        );
    }
}
