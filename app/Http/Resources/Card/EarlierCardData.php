<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use OpenApi\Attributes as OA;

final readonly class EarlierCardData
{
    /** @param  list<MeasureData>  $measures */
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        public string $foundation,
        public array $measures,
    ) {
    }

    public static function of(Card $card): self
    {
        return new self($card->id, $card->taken_on->toDateString(), $card->foundation, MeasureData::all($card->readingsByPoint()));
    }
}
