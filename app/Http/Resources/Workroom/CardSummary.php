<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Card;
use App\Models\Reading;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

final readonly class CardSummary
{
    /**
     * @param  int  $age_days  whole days since it was taken
     * @param  int  $measured  how many points are measured
     * @param  list<string>  $points  which, by their codes
     */
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        public int $age_days,
        public string $foundation,
        public int $measured,
        public array $points,
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
            array_values($card->readings->unique('point')->map(static fn (Reading $reading): string => $reading->point->value)->all()),
        );
    }
}
