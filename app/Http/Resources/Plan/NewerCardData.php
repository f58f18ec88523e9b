<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Models\Card;
use App\Models\Make;
use OpenApi\Attributes as OA;
use Underbolt\Advice\Headline;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\PointGuides;
use Underbolt\Measure\Unit;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** A newer card of the wearer on the same foundation, and what it would change. */
final readonly class NewerCardData
{
    /**
     * @param  list<string>  $measures  what differs, such as `waist 84.5 cm, was 83 cm`
     * @param  ?string  $headline  the plan in one sentence, were it planned from that card; null where it gives none
     */
    public function __construct(
        public int $id,
        #[OA\Property(format: 'date')] public string $taken_on,
        public array $measures,
        public ?string $headline,
    ) {
    }

    /** Null where the make's card is the newest on its foundation. */
    public static function of(Make $make, Unit $unit): ?self
    {
        $newest = $make->card->wearer->cards->first(
            static fn (Card $card): bool => $card->foundation === $make->card->foundation
                && $make->card->isBefore($card)
                && $card->readings->isNotEmpty(),
        );

        return $newest === null
            ? null
            : new self(
                $newest->id,
                $newest->taken_on->toDateString(),
                self::differing($make->card, $newest, $unit),
                self::headline($make, $newest, $unit),
            );
    }

    /** @return list<string> */
    private static function differing(Card $old, Card $new, Unit $unit): array
    {
        [$before, $after] = [$old->toBody(), $new->toBody()];
        $say = static fn (?Length $length): string => $length === null ? 'not measured' : LengthPrint::sentence($length, $unit);
        $lines = [];
        foreach (PointGuides::all() as $guide) {
            [$was, $is] = [$before->at($guide->point), $after->at($guide->point)];
            if ($was?->nanometres !== $is?->nanometres) {
                $lines[] = "{$guide->point->words()} {$say($is)}, was {$say($was)}";
            }
        }

        return $lines;
    }

    private static function headline(Make $make, Card $card, Unit $unit): ?string
    {
        $again = clone $make;
        $again->setRelation('card', $card->setRelation('wearer', $make->card->wearer));
        try {
            return Headline::of(PlanBuilder::build($again->toCore($unit)));
        } catch (Refusal) {
            return null;
        }
    }
}
