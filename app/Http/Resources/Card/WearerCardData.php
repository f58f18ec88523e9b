<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Sizing\Cup;

#[OA\Schema]
final readonly class WearerCardData
{
    /** @param  list<MeasureData>  $measures */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property(format: 'date')] public string $taken_on,
        #[OA\Property(description: 'whole days since it was taken')] public int $age_days,
        #[OA\Property] public string $foundation,
        #[OA\Property(description: 'dressmaker\'s cup by the rule of thumb')] public ?string $cup,
        #[OA\Property(items: new OA\Items(ref: MeasureData::class))] public array $measures,
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
