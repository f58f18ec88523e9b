<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Generator;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/**
 * Weighs fit against work over all sizes at the three levels.
 *
 * Dynamic programming along the levels: for a size at the waist, the bust and the hip can be chosen
 * apart, since only neighbouring levels meet in a step. So it grows with the square of the sizes.
 * Ignores the clips.
 */
final readonly class Planner
{
    /** Plans whose costs lie nearer than this are of one cost. */
    private const TIE = 1e-6;

    /**
     * @param  array<string, LevelCosts>  $levels
     * @param  array<string, non-empty-array<int, float>>  $allowed  what the sizes that may be taken cost, by level, the best fitting first
     */
    private function __construct(private Situation $situation, public array $levels, private array $allowed, public StepCosts $steps)
    {
    }

    public static function of(Situation $situation): self
    {
        $levels = array_map(
            static fn (LevelFacts $facts): LevelCosts => LevelCosts::of($facts, $situation->make->choices->weights),
            $situation->measured(),
        );

        return new self($situation, $levels, array_map(static fn (LevelCosts $level): array => $level->allowed(), $levels), new StepCosts($situation));
    }

    /** The sizes of least cost. */
    public function best(): Sizes
    {
        return $this->cheapest($this->allowed);
    }

    /** The sizes of least misfit; of several those of least work. */
    public function closest(): Sizes
    {
        return $this->cheapest(array_map(static function (array $fits): array {
            $least = min($fits);

            return array_filter($fits, static fn (float $fit): bool => $fit <= $least + self::TIE);
        }, $this->allowed));
    }

    /**
     * The sizes of least cost among some alone. A level that has none of them which is large enough takes what there is;
     * where the frame is none of them the nearest stands in.
     *
     * @param  non-empty-list<int>  $sizes
     */
    public function within(array $sizes): Sizes
    {
        $mine = array_flip($sizes);
        $allowed = [];
        foreach ($this->levels as $name => $level) {
            $nearest = $sizes;
            usort($nearest, static fn (int $one, int $other): int => abs($one - $level->facts->own) <=> abs($other - $level->facts->own));
            $kinds = [array_intersect_key($this->allowed[$name], $mine), array_intersect_key($level->fit, $mine), [$nearest[0] => $level->fitOf($nearest[0])]];
            $allowed[$name] = array_values(array_filter($kinds))[0];
            asort($allowed[$name]);
        }

        return $this->cheapest($allowed);
    }

    /** @param  array<string, array<int, float>>  $allowed  by level and size, the best fitting first */
    private function cheapest(array $allowed): Sizes
    {
        $best = null;
        $least = INF;
        $bestRank = [];
        $plans = isset($allowed[Level::Waist->value]) ? $this->byWaist($allowed) : $this->withoutWaist($allowed);
        foreach ($plans as [$cost, $sizes]) {
            if ($cost > $least + self::TIE) {
                continue;
            }
            $rank = $this->rank($sizes);
            if ($best === null || $cost < $least - self::TIE || $rank < $bestRank) {
                [$best, $bestRank, $least] = [$sizes, $rank, min($least, $cost)];
            }
        }

        return $best ?? new Sizes;
    }

    /**
     * For each size of the waist what goes best with it: bust and hip meet it, not each other.
     *
     * @param  array<string, array<int, float>>  $allowed
     * @return Generator<array{float, Sizes}> with what they cost
     */
    private function byWaist(array $allowed): Generator
    {
        $least = INF;
        $most = range(0, count($this->situation->make->pattern->sizes));
        $fromBust = array_map(fn (int $step): float => $this->steps->of(Level::Bust, $step), $most);
        $fromWaist = array_map(fn (int $step): float => $this->steps->of(Level::Waist, $step), $most);
        foreach ($allowed[Level::Waist->value] as $waist => $misfit) {
            if ($misfit > $least + self::TIE) {
                return;
            }
            [$bustCost, $busts] = self::beside($waist, $fromBust, $allowed[Level::Bust->value] ?? null);
            [$hipCost, $hips] = self::beside($waist, $fromWaist, $allowed[Level::Hip->value] ?? null);
            $cost = $bustCost + $hipCost + $misfit;
            if ($cost > $least + self::TIE) {
                continue;
            }
            $least = min($least, $cost);
            foreach ($this->pairs($waist, $busts, $hips) as [$bust, $hip]) {
                yield [$cost, new Sizes($bust, $waist, $hip)];
            }
        }
    }

    /**
     * Every bust with every hip: the waist between them, where it has a row, is drawn in a size that both decide.
     *
     * @param  array<string, array<int, float>>  $allowed
     * @return Generator<array{float, Sizes}>
     */
    private function withoutWaist(array $allowed): Generator
    {
        foreach ($allowed[Level::Bust->value] ?? [-1 => 0.0] as $bust => $bustCost) {
            foreach ($allowed[Level::Hip->value] ?? [-1 => 0.0] as $hip => $hipCost) {
                $sizes = new Sizes($bust < 0 ? null : $bust, null, $hip < 0 ? null : $hip);
                yield [$bustCost + $hipCost + $this->steps->all($sizes), $sizes];
            }
        }
    }

    /**
     * The least a level beside the waist costs, and all sizes that cost it.
     *
     * @param  list<float>  $steps  what a step of so many sizes costs
     * @param  ?array<int, float>  $allowed  what each size costs, the best fitting first; null where the level isn't planned
     * @return array{float, list<?int>} smallest size first
     */
    private static function beside(int $waist, array $steps, ?array $allowed): array
    {
        if ($allowed === null) {
            return [0.0, [null]];
        }
        $least = INF;
        $sizes = [];
        foreach ($allowed as $size => $misfit) {
            // The rest fit worse than all of this costs.
            if ($misfit > $least + self::TIE) {
                break;
            }
            $cost = $misfit + $steps[abs($size - $waist)];
            if ($cost < $least - self::TIE) {
                $sizes = [$size];
                $least = $cost;
            } elseif ($cost <= $least + self::TIE) {
                $sizes[] = $size;
            }
        }
        sort($sizes);

        return [$least, $sizes];
    }

    /**
     * Of the pairs that cost the same, those that could win a tie: each alike with the waist or nearest to it, its level's own
     * pick or the smallest; and both alike.
     *
     * @param  list<?int>  $busts  at least one
     * @param  list<?int>  $hips  at least one
     * @return list<array{?int, ?int}>
     */
    private function pairs(int $waist, array $busts, array $hips): array
    {
        [$ownBust, $ownHip] = [$this->own(Level::Bust), $this->own(Level::Hip)];
        $pairs = [];
        foreach (self::worth($busts, $waist, $ownBust) as $bust) {
            foreach (self::worth($hips, $waist, $ownHip) as $hip) {
                $pairs[] = [$bust, $hip];
            }
        }
        $alike = array_values(array_intersect($busts, $hips));
        foreach ($alike === [] ? [] : [$alike[0], ...array_intersect($alike, [$ownBust, $ownHip])] as $size) {
            $pairs[] = [$size, $size];
        }

        return $pairs;
    }

    /**
     * @param  list<?int>  $sizes  at least one, the smallest first
     * @return list<?int>
     */
    private static function worth(array $sizes, int $waist, ?int $own): array
    {
        $nearest = $sizes[0];
        foreach ($sizes as $size) {
            $nearest = $size !== null && abs($size - $waist) < abs((int) $nearest - $waist) ? $size : $nearest;
        }

        return array_values(array_filter($sizes, static fn (?int $size): bool => in_array($size, [$nearest, $own, $sizes[0]], true)));
    }

    /**
     * Less is better: fewer different sizes, then fewer levels off their own pick, then the shorter step from a free bust, then
     * the smaller sum, then the smaller bust, then the waist. A free bust is not counted among the different sizes.
     *
     * @return list<int>
     */
    private function rank(Sizes $sizes): array
    {
        $known = $sizes->known();
        $counted = $known;
        $fromBust = 0;
        if ($this->steps->isBustFree) {
            unset($counted[Level::Bust->value]);
            $fromBust = $this->situation->withUnmeasured($sizes, false)->step(Level::Bust, Level::Waist) ?? 0;
        }
        $off = 0;
        foreach ($known as $level => $size) {
            $off += $size === $this->own(Level::from($level)) ? 0 : 1;
        }

        return [count(array_unique($counted)), $off, $fromBust, array_sum($known), $sizes->bust ?? 0, $sizes->waist ?? 0];
    }

    /** Null where the level isn't planned. */
    private function own(Level $level): ?int
    {
        return ($this->levels[$level->value] ?? null)?->facts->own;
    }
}
