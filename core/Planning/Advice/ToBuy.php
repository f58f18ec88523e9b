<?php

declare(strict_types=1);

namespace Underbolt\Planning\Advice;

use Underbolt\Pattern\CupLetter;
use Underbolt\Pattern\PatternFile;
use Underbolt\Pattern\Range;
use Underbolt\Planning\Plan;

/** What has to be there before a make is cut: envelopes, files, cloth and notions. */
final readonly class ToBuy
{
    /**
     * @param  list<Range>  $envelopes  the fewest that hold every size cut; the owned ones first
     * @param  list<PatternFile>  $files  to be printed, where the pattern comes as files
     * @param  list<ShoppingNeed>  $needs  for the largest size cut; of cloth only the width at hand, where that is listed
     */
    private function __construct(public array $envelopes, public array $files, public array $needs)
    {
    }

    public static function of(Plan $plan): self
    {
        $sizes = array_values(array_unique([...array_values($plan->frontBack->front->known()), ...array_values($plan->frontBack->back->known())]));
        $envelopes = self::envelopes($plan, $sizes);

        return new self($envelopes, self::files($plan, $envelopes), self::needs($plan));
    }

    /**
     * @param  list<int>  $sizes
     * @return list<Range>
     */
    private static function envelopes(Plan $plan, array $sizes): array
    {
        $ranges = array_values(array_filter($plan->make->pattern->ranges, static fn (Range $range): bool => $range->draft === $plan->inPlay->draft));
        $holds = static fn (Range $range): array => array_values(array_intersect($sizes, $range->sizes));
        $envelopes = [];
        while ($sizes !== [] && $ranges !== []) {
            // What is owned costs nothing; else the one that holds the most of what is missing yet.
            usort($ranges, static fn (Range $one, Range $other): int => [$other->owned && $holds($other) !== [], count($holds($other))] <=> [$one->owned && $holds($one) !== [], count($holds($one))]);
            $next = array_shift($ranges);
            $held = $holds($next);
            if ($held !== []) {
                $envelopes[] = $next;
                $sizes = array_values(array_diff($sizes, $held));
            }
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

    /** @return list<ShoppingNeed> */
    private static function needs(Plan $plan): array
    {
        $needs = $plan->needs();
        $width = $plan->make->cloth?->width;
        $atHand = array_filter($needs, static fn (ShoppingNeed $need): bool => $width !== null && $need->width?->compare($width) === 0);
        $kinds = array_map(static fn (ShoppingNeed $need): string => "{$need->name} {$need->view}", $atHand);

        return array_values(array_filter(
            $needs,
            static fn (ShoppingNeed $need): bool => $need->width === null || in_array($need, $atHand, true) || ! in_array("{$need->name} {$need->view}", $kinds, true),
        ));
    }
}
