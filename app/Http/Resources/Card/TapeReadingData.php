<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\TapeReading;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TapeReadingData
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $text,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
    ) {
    }

    public static function of(TapeReading $reading): self
    {
        return new self($reading->id, $reading->text, $reading->unit->value);
    }
}
