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
            $reading->point->value,
            $reading->attempt,
            $reading->text,
            $reading->unit->value,
            LengthText::namesUnit($reading->text),
            $reading->nanometres,
            $reading->picked,
        );
    }
}
