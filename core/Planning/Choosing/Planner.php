<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

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
    private function __construct(private Situation $situation, public array $levels, private array $allowed)
    {
    }

    public static function of(Situation $situation): self
    {
        $levels = array_map(
            static fn (LevelFacts $facts): LevelCosts => LevelCosts::of($facts, $situation->make->choices->weights),
            $situation->measured(),
        );

        return new self($situation, $levels, array_map(static fn (LevelCosts $level): array => $level->allowed(), $levels));
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
        $bestCost = INF;
        $bestRank = [];
        $steps = array_map($this->situation->make->choices->weights->step(...), range(0, count($this->situation->make->pattern->sizes)));
        foreach ($allowed[Level::Waist->value] ?? [-1 => 0.0] as $place => $misfit) {
            if ($misfit > $bestCost + self::TIE) {
                break;
            }
            $waist = $place < 0 ? null : $place;
            [$bustCost, $busts] = $this->beside(Level::Bust, $waist, $steps, $allowed);
            [$hipCost, $hips] = $this->beside(Level::Hip, $waist, $steps, $allowed);
            $cost = $bustCost + $hipCost + $misfit;
            if ($cost > $bestCost + self::TIE) {
                continue;
            }
            foreach ($this->pairs($waist, $busts, $hips) as [$bust, $hip]) {
                $rank = $this->rank($bust, $waist, $hip);
                if ($best === null || $cost < $bestCost - self::TIE || $rank < $bestRank) {
                    [$best, $bestRank] = [new Sizes($bust, $waist, $hip), $rank];
                    $bestCost = min($bestCost, $cost);
                }
            }
        }

        return $best ?? new Sizes;
    }

    /**
     * The least a level beside the waist costs, and all sizes that cost it.
     *
     * @param  list<float>  $steps  what a step of so many sizes costs
     * @param  array<string, array<int, float>>  $allowed
     * @return array{float, list<?int>} smallest size first
     */
    private function beside(Level $level, ?int $waist, array $steps, array $allowed): array
    {
        if (! isset($allowed[$level->value])) {
            return [0.0, [null]];
        }
        $least = INF;
        $sizes = [];
        foreach ($allowed[$level->value] as $size => $misfit) {
            // The rest fit worse than all of this costs.
            if ($misfit > $least + self::TIE) {
                break;
            }
            $cost = $misfit + ($waist === null ? 0.0 : $steps[abs($size - $waist)]);
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
     * Of the pairs that cost the same, those that could win a tie: each alike with the waist, its level's own pick or the
     * smallest; and both alike.
     *
     * @param  list<?int>  $busts  at least one
     * @param  list<?int>  $hips  at least one
     * @return list<array{?int, ?int}>
     */
    private function pairs(?int $waist, array $busts, array $hips): array
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
    private static function worth(array $sizes, ?int $waist, ?int $own): array
    {
        return array_values(array_filter($sizes, static fn (?int $size): bool => in_array($size, [$waist, $own, $sizes[0]], true)));
    }

    /**
     * Less is better: fewer different sizes, then fewer levels off their own pick, then the smaller sum, then the smaller
     * bust, then the waist.
     *
     * @return array{int, int, int, int, int}
     */
    private function rank(?int $bust, ?int $waist, ?int $hip): array
    {
        $sizes = array_filter([$bust, $waist, $hip], static fn (?int $size): bool => $size !== null);
        $off = ($bust !== $this->own(Level::Bust) ? 1 : 0) + ($waist !== $this->own(Level::Waist) ? 1 : 0) + ($hip !== $this->own(Level::Hip) ? 1 : 0);

        return [count(array_unique($sizes)), $off, array_sum($sizes), $bust ?? 0, $waist ?? 0];
    }

    /** Null where the level isn't planned, as its size is. */
    private function own(Level $level): ?int
    {
        return ($this->levels[$level->value] ?? null)?->facts->own;
    }
}
