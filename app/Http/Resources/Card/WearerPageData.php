<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use App\Models\Wearer;
use App\Records\Bin;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'a wearer with all cards, for the history')]
final readonly class WearerPageData
{
    /**
     * @param  list<WearerCardData>  $cards  newest first
     * @param  list<HistoryData>  $histories
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'what is deleted along with it, in words')] public string $goes_along,
        #[OA\Property] public string $notes,
        #[OA\Property(description: 'figures are typed in; null for the user\'s own', enum: ['cm', 'in'], nullable: true)]
        public ?string $unit,
        #[OA\Property(description: 'when someone else agreed to being measured', format: 'date')] public ?string $agreed_on,
        #[OA\Property(description: 'sizes are called by the place of their line')] public bool $sizes_hidden,
        #[OA\Property(description: 'put away')] public bool $archived,
        #[OA\Property(items: new OA\Items(ref: WearerCardData::class))] public array $cards,
        #[OA\Property(items: new OA\Items(ref: HistoryData::class))] public array $histories,
    ) {
    }

    public static function of(Wearer $wearer, CarbonImmutable $today): self
    {
        $wearer->load('cards.readings');

        return new self(
            id: $wearer->id,
            version: $wearer->version,
            name: $wearer->name,
            goes_along: Bin::alongWords($wearer),
            notes: $wearer->notes,
            unit: $wearer->unit?->value,
            agreed_on: $wearer->agreed_on?->toDateString(),
            sizes_hidden: $wearer->sizes_hidden,
            archived: $wearer->archived_at !== null,
            cards: array_values($wearer->cards->map(static fn (Card $card): WearerCardData => WearerCardData::of($card, $today))->all()),
            histories: HistoryData::all($wearer),
        );
    }
}
