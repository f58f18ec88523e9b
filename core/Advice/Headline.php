<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\Sizes;

/** The one plain sentence that stands on top of a plan: the sizes, and whatever else is in the line that is cut. */
final class Headline
{
    public static function of(Plan $plan): string
    {
        $added = [...self::bust($plan), ...self::drawn($plan), ...self::unlike($plan)];
        $waits = $plan->waitsFor();

        // One size is said in the same breath; after several a new clause begins.
        $join = match (true) {
            count(array_unique($plan->sizes->known())) < 2 => ', ',
            self::isRow($plan) => ': ',
            default => '; ',
        };
        $sizes = $plan->make->pattern->begun(self::sizes($plan)).($added === [] ? '' : $join.Listed::of($added));

        return $waits === [] ? "{$sizes}." : "{$sizes}; waits for ".Listed::of(array_map(static fn (string $level): string => "the {$level}", $waits)).', not measured yet.';
    }

    /**
     * What goes with it, in one more plain sentence: how many lines, how many steps, and what to watch.
     *
     * @param  int  $cautions  how many are told beside it
     */
    public static function details(Plan $plan, int $cautions): string
    {
        $lines = $plan->front->isLike($plan->back) ? 'One line to cut, front and back alike' : 'Two lines to cut, front and back unlike';
        $steps = self::blended(self::stepsOf($plan->frontBack->front), self::stepsOf($plan->frontBack->back));

        return "{$lines}; {$steps}; ".match ($cautions) {
            0 => 'nothing to watch.',
            1 => 'one caution.',
            default => "{$cautions} cautions.",
        };
    }

    /** @return list<int> how many sizes lie between neighbouring levels, where any do */
    private static function stepsOf(Sizes $sizes): array
    {
        return array_values(array_filter([$sizes->step(Level::Bust, Level::Waist), $sizes->step(Level::Waist, Level::Hip)], static fn (?int $step): bool => $step !== null && $step > 0));
    }

    /**
     * @param  list<int>  $front  steps of the front's line
     * @param  list<int>  $back  of the back's
     */
    private static function blended(array $front, array $back): string
    {
        $number = static fn (array $steps, string $none): string => [$none, 'one', 'two'][count($steps)];
        $steps = count($front) === 2 ? 'steps' : 'step';
        if ($front === $back) {
            return "{$number($front, 'no')} {$steps} to blend".self::hard($front, count($front) === 1 ? 'a wide one' : 'both wide');
        }

        return "{$number($front, 'no')} {$steps} to blend in front, {$number($back, 'none')} at the back".self::hard([...$front, ...$back], 'all of them wide');
    }

    /**
     * @param  list<int>  $steps
     * @param  string  $allWide  what is said where every one is wide
     */
    private static function hard(array $steps, string $allWide): string
    {
        $wide = count(array_filter($steps, static fn (int $sizes): bool => $sizes > 1));

        return match (true) {
            $steps === [] => '',
            $wide === 0 => ', easy',
            $wide === count($steps) => ", {$allWide}",
            default => ', '.($wide === 1 ? 'one' : 'some').' of them wide',
        };
    }

    /** Any sizes from the top down: `12 all the way`, `12 at the bust, 14 at the waist and hip`. */
    public static function sizesInWords(Sizes $sizes, Plan $plan): string
    {
        $parts = self::places($sizes, $plan);

        return count($parts) === 1 ? $plan->nameOf($sizes->first() ?? 0).' all the way' : implode(', ', $parts);
    }

    /** @return array<int, string> `12 at the bust`, by size */
    private static function places(Sizes $sizes, Plan $plan): array
    {
        $places = [];
        foreach ($sizes->known() as $name => $size) {
            $places[$size][] = $name;
        }

        foreach ($places as $size => $levels) {
            $places[$size] = "{$plan->nameOf($size)} at the ".implode(' and ', $levels);
        }

        return $places;
    }

    private static function sizes(Plan $plan): string
    {
        $places = self::places($plan->sizes, $plan);

        return match (true) {
            $places === [] => 'No size yet',
            count($places) === 1 && $plan->waitsFor() === [] => "{$plan->nameOf(array_key_first($places))} all the way",
            self::isRow($plan) => implode(', ', array_map($plan->nameOf(...), $plan->sizes->known())),
            default => implode(', ', $places),
        };
    }

    /** Whether the sizes can stand in a row, from the bust down: all three are known, and called by names and not by words. */
    private static function isRow(Plan $plan): bool
    {
        $sizes = $plan->sizes->known();

        return count($sizes) === count(Level::cases()) && count(array_unique($sizes)) > 1 && ! $plan->make->pattern->areLinesCounted();
    }

    /** @return list<string> */
    private static function bust(Plan $plan): array
    {
        $total = $plan->bust === null ? '' : $plan->make->say($plan->bust->total->abs());

        return match ($plan->bust?->kind) {
            AdjustmentKind::Full => ["with {$total} added for the bust"],
            AdjustmentKind::Small => ["with {$total} taken off for the bust"],
            default => [],
        };
    }

    /** @return list<string> what is in the line beside the blend, such as `the waist and hip let out 3 cm` */
    private static function drawn(Plan $plan): array
    {
        $levels = [];
        foreach (self::drawnIn($plan) as $level => $what) {
            $levels[$what][] = $level;
        }

        return array_map(static fn (string $what, array $alike): string => 'the '.implode(' and ', $alike)." {$what}", array_keys($levels), $levels);
    }

    /** @return array<string, string> by level, one amount each, such as `let out 3 cm`: whatever it comes from, hands draw it once */
    public static function drawnIn(Plan $plan): array
    {
        $say = static fn (Length $length): string => $plan->make->say($length->abs());
        $told = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            if ($plan->make->canBeDone($level->drawn->dividedBy($level->facts->edges))) {
                $told[$name] = Take::way($level->drawn->negated())." {$say($level->drawn)}";
            } elseif ($plan->make->canBeDone($level->byHand->edges->front)) {
                // As much comes out in front as goes in at the back: nothing is larger, the seam lies elsewhere.
                $told[$name] = "moved {$say($level->byHand->edges->front)} ".($level->byHand->edges->front->isNegative() ? 'forward' : 'back').' at the side seam';
            }
        }

        return $told;
    }

    /** @return list<string> */
    private static function unlike(Plan $plan): array
    {
        $places = [];
        foreach (array_filter($plan->levels) as $name => $level) {
            if ($level->front !== $level->back) {
                $places["{$plan->nameOf($level->front)} in front and {$plan->nameOf($level->back)} at the back"][] = $name;
            }
        }

        return array_map(
            static fn (string $sizes, array $levels): string => "{$sizes} of the ".implode(' and ', $levels),
            array_keys($places),
            $places,
        );
    }
}
