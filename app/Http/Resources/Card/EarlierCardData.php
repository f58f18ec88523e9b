<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class EarlierCardData
{
    /** @param  list<MeasureData>  $measures */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        #[OA\Property] public string $foundation,
        #[OA\Property(items: new OA\Items(ref: MeasureData::class))] public array $measures,
    ) {
    }

    public static function of(Card $card): self
    {
        return new self($card->id, $card->taken_on->toDateString(), $card->foundation, MeasureData::all($card->readingsByPoint()));
    }
}
