<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Http\Resources\Workroom\CardSummary;
use App\Models\Card;
use App\Models\Wearer;
use Carbon\CarbonImmutable;

final readonly class WearerData
{
    /**
     * @param  bool  $archived  put away
     * @param  list<CardSummary>  $cards  newest first
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $archived,
        public array $cards,
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
