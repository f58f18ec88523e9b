<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CardSummary
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        #[OA\Property(description: 'whole days since it was taken')] public int $age_days,
        #[OA\Property] public string $foundation,
        #[OA\Property(description: 'how many points are measured')] public int $measured,
    ) {
    }

    public static function of(Card $card, CarbonImmutable $today): self
    {
        return new self(
            $card->id,
            $card->taken_on->toDateString(),
            $card->ageInDays($today),
            $card->foundation,
            $card->readings->unique('point')->count(),
        );
    }
}
