<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

final readonly class CardSummary
{
    /**
     * @param  int  $age_days  whole days since it was taken
     * @param  int  $measured  how many points are measured
     */
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        public int $age_days,
        public string $foundation,
        public int $measured,
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
