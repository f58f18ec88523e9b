<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Sizing\Cup;

final readonly class WearerCardData
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  int  $age_days  whole days since it was taken
     * @param  ?string  $cup  dressmaker's cup by the rule of thumb
     * @param  list<MeasureData>  $measures
     */
    public function __construct(
        public int $id,
        public int $version,
        #[OA\Property(format: 'date')] public string $taken_on,
        public int $age_days,
        public string $foundation,
        public ?string $cup,
        public array $measures,
    ) {
    }

    public static function of(Card $card, CarbonImmutable $today): self
    {
        return new self(
            id: $card->id,
            version: $card->version,
            taken_on: $card->taken_on->toDateString(),
            age_days: $card->ageInDays($today),
            foundation: $card->foundation,
            cup: Cup::of($card->toBody(), null)?->letter,
            measures: MeasureData::all($card->readingsByPoint()),
        );
    }
}
