<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Paper\PatternFile;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Plan;

/** What has to be there before a make is cut: envelopes, files, cloth and notions. */
final readonly class ToBuy
{
    /**
     * @param  list<Range>  $envelopes  the fewest that hold every size cut; the owned ones first
     * @param  list<PatternFile>  $files  to be printed, where the pattern comes as files
     * @param  list<ShoppingNeed>  $needs  for the largest size cut; each cloth in the width at hand, where that will do
     * @param  list<string>  $have  keys of what is at hand
     */
    private function __construct(public array $envelopes, public array $files, public array $needs, private array $have)
    {
    }

    public static function of(Plan $plan): self
    {
        $sizes = array_values(array_unique([...array_values($plan->frontBack->front->known()), ...array_values($plan->frontBack->back->known())]));
        $envelopes = self::envelopes($plan, $sizes);

        return new self($envelopes, self::files($plan, $envelopes), self::needs($plan), $plan->make->cloth->have ?? []);
    }

    /** @return list<Purchase> things, each in one of its widths */
    public function purchases(): array
    {
        return Purchase::all($this->needs);
    }

    /** How many things are still to be bought: envelopes that aren't owned, and what is not at hand. */
    public function missing(): int
    {
        $envelopes = array_filter($this->envelopes, static fn (Range $range): bool => ! $range->owned);

        return count($envelopes) + count(array_filter($this->purchases(), fn (Purchase $one): bool => ! in_array($one->key, $this->have, true)));
    }

    /**
     * @param  list<int>  $sizes
     * @return list<Range>
     */
    private static function envelopes(Plan $plan, array $sizes): array
    {
        $ranges = array_values(array_filter($plan->make->pattern->ranges, static fn (Range $range): bool => $range->draft === $plan->inPlay->draft));
        $envelopes = [];
        while ($sizes !== [] && $ranges !== []) {
            $held = array_map(static fn (Range $range): array => array_values(array_intersect($sizes, $range->sizes)), $ranges);
            // What is owned costs nothing; else the one that holds the most of what is missing yet.
            $worth = array_map(static fn (Range $range, array $own): array => [$own !== [], $range->owned, count($own)], $ranges, $held);
            $best = (int) array_search(max($worth), $worth, true);
            if ($held[$best] === []) {
                break;
            }
            $envelopes[] = $ranges[$best];
            $sizes = array_values(array_diff($sizes, $held[$best]));
        }

        return $envelopes;
    }

    /**
     * @param  list<Range>  $envelopes
     * @return list<PatternFile>
     */
    private static function files(Plan $plan, array $envelopes): array
    {
        $names = array_map(static fn (Range $range): string => $range->name, $envelopes);
        $cup = $plan->cup?->letter;

        return array_values(array_filter(
            $plan->make->pattern->notes->files,
            static fn (PatternFile $file): bool => ($file->cup === null || $cup === null || CupLetter::same($file->cup, $cup))
                && ($file->range === null || $names === [] || in_array($file->range, $names, true)),
        ));
    }

    /**
     * A cloth that is listed in several widths is bought in one: the widest that is no wider than the one at hand, whose
     * amount is enough. Where none is, all widths stay.
     *
     * @return list<ShoppingNeed>
     */
    private static function needs(Plan $plan): array
    {
        $needs = ShoppingNeed::of($plan);
        $atHand = $plan->make->cloth?->width;
        $best = [];
        foreach ($needs as $need) {
            $kind = "{$need->name} {$need->view}";
            if ($need->width !== null && $atHand !== null && ! $atHand->isLessThan($need->width) && (! isset($best[$kind]) || $best[$kind]->isLessThan($need->width))) {
                $best[$kind] = $need->width;
            }
        }

        return array_values(array_filter(
            $needs,
            static fn (ShoppingNeed $need): bool => $need->width === null || ($best["{$need->name} {$need->view}"] ?? $need->width)->compare($need->width) === 0,
        ));
    }
}
