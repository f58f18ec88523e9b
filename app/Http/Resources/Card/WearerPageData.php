<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Card;
use App\Models\Wearer;
use App\Records\Bin;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Body;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\OwnGarment;

/** A wearer with all cards, for the history. */
final readonly class WearerPageData
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  string  $goes_along  what is deleted along with it, in words
     * @param  ?value-of<Unit>  $unit  figures are typed in; null for the user's own
     * @param  bool  $sizes_hidden  sizes are called by the place of their line
     * @param  bool  $archived  put away
     * @param  list<WearerCardData>  $cards  newest first
     * @param  list<HistoryData>  $histories
     * @param  list<OwnGarmentData>  $garments  of the wardrobe, in its order
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $goes_along,
        public string $notes,
        public ?string $unit,
        #[OA\Property(description: 'when someone else agreed to being measured', format: 'date')] public ?string $agreed_on,
        public bool $sizes_hidden,
        public bool $archived,
        public array $cards,
        public array $histories,
        #[OA\Property(ref: WardrobeDocument::class)] public stdClass $wardrobe,
        public array $garments,
    ) {
    }

    public static function of(Wearer $wearer, CarbonImmutable $today): self
    {
        $wearer->load('cards.readings');

        $body = $wearer->cards->first()?->toBody() ?? new Body([]);

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
            wardrobe: $wearer->wardrobe,
            garments: array_map(static fn (OwnGarment $one): OwnGarmentData => OwnGarmentData::of($one, $body), $wearer->garments()),
        );
    }
}
