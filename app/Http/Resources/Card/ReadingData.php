<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Reading;
use OpenApi\Attributes as OA;
use Underbolt\Measure\LengthText;

#[OA\Schema]
final readonly class ReadingData
{
    public function __construct(
        #[OA\Property] public string $point,
        #[OA\Property(description: 'which try, from 1')] public int $attempt,
        #[OA\Property(description: 'as typed')] public string $text,
        #[OA\Property(description: 'meant where the text names none', enum: ['cm', 'in'])] public string $unit,
        #[OA\Property] public bool $names_unit,
        #[OA\Property] public int $length_nm,
        #[OA\Property(description: 'said to be the one that counts')] public bool $picked,
    ) {
    }

    public static function of(Reading $reading): self
    {
        return new self(
            point: $reading->point->value,
            attempt: $reading->attempt,
            text: $reading->text,
            unit: $reading->unit->value,
            names_unit: LengthText::namesUnit($reading->text),
            length_nm: $reading->nanometres,
            picked: $reading->picked,
        );
    }
}
