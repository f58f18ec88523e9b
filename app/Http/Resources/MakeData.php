<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Make;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema]
final readonly class MakeData
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $wearer,
        #[OA\Property] public int $card_id,
        #[OA\Property(format: 'date')] public string $card_taken_on,
        #[OA\Property] public int $pattern_id,
        #[OA\Property] public string $pattern,
        #[OA\Property] public string $house,
        #[OA\Property(description: 'meant in the choices', enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: ChoicesDocument::class)] public stdClass $choices,
    ) {
    }

    public static function of(Make $make): self
    {
        return new self(
            $make->id,
            $make->card->wearer->name,
            $make->card_id,
            $make->card->taken_on->toDateString(),
            $make->pattern_id,
            $make->pattern->name,
            $make->pattern->house,
            $make->unit->value,
            $make->choices,
        );
    }
}
