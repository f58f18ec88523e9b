<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Http\Resources\Workroom\CardSummary;
use App\Models\Card;
use App\Models\Wearer;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class WearerData
{
    /** @param  list<CardSummary>  $cards newest first */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'put away')] public bool $archived,
        #[OA\Property(items: new OA\Items(ref: CardSummary::class))] public array $cards,
    ) {
    }

    public static function of(Wearer $wearer, CarbonImmutable $today): self
    {
        return new self(
            $wearer->id,
            $wearer->name,
            $wearer->archived_at !== null,
            array_values($wearer->cards->map(static fn (Card $card): CardSummary => CardSummary::of($card, $today))->all()),
        );
    }
}
