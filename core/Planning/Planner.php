<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Level;

/**
 * Weighs fit against work over all sizes at the three levels.
 *
 * Dynamic programming along the levels: for a size at the waist, the bust and the hip can be chosen
 * apart, since only neighbouring levels meet in a step. So it grows with the square of the sizes.
 * Ignores the between rule and the clips.
 */
final readonly class Planner
{
    /** Plans whose costs lie nearer than this are of one cost. */
    private const TIE = 1e-6;

    /** So much more than any fit counts a step, where work alone decides. */
    private const WORK_FIRST = 1e5;

    private const MOST_TOO_SMALL_CM = 1.0;

    /** @param  array<string, LevelCosts>  $levels  by level */
    private function __construct(private Situation $situation, private CostWeights $weights, private array $levels, private float $adjustment)
    {
    }

    public static function of(Situation $situation): self
    {
        $weights = $situation->make->choices->weights;
        $frame = $situation->lookup?->chart->size;
        $levels = [];
        foreach ($situation->measured() as $name => $facts) {
            $levels[$name] = LevelCosts::of($situation, $facts, $weights, $name === Level::Bust->value ? $frame : null);
        }
        $totalCm = ($situation->adjustment($frame)->total->nanometres ?? 0) / 1e7;

        return new self($situation, $weights, $levels, $totalCm === 0.0 ? 0.0 : $weights->adjustment($totalCm));
    }

    /** @return array<string, int> the sizes of least cost, by level */
    public function best(): array
    {
        return $this->cheapest(1.0, 1.0, $this->sorted(static fn (LevelCosts $level): array => $level->allowed()));
    }

    /** @return list<Alternative> best, one size, closest, least work */
    public function alternatives(): array
    {
        $allowed = $this->sorted(static fn (LevelCosts $level): array => $level->allowed());
        $large = $this->sorted(static fn (LevelCosts $level): array => $level->allowedNotTooSmall(self::MOST_TOO_SMALL_CM));

        return [
            $this->alternative('best', $this->cheapest(1.0, 1.0, $allowed)),
            $this->alternative('one_size', $this->oneSize()),
            $this->alternative('closest', $this->cheapest(1.0, 0.0, $allowed)),
            $this->alternative('least_work', $this->cheapest(1.0, self::WORK_FIRST, $large)),
        ];
    }

    /**
     * The cheapest sizes when fit and steps count so much.
     *
     * @param  array<string, array<int, float>>  $allowed  what the candidates cost, by level, the best fitting first
     * @return array<string, int>
     */
    private function cheapest(float $fit, float $work, array $allowed): array
    {
        $best = null;
        $bestCost = INF;
        $bestRank = [];
        $steps = array_map(fn (int $sizes): float => $work * $this->weights->step($sizes), range(0, count($this->situation->make->pattern->sizes)));
        foreach ($allowed[Level::Waist->value] ?? [-1 => 0.0] as $place => $misfit) {
            if ($fit * $misfit > $bestCost + self::TIE) {
                break;
            }
            $waist = $place < 0 ? null : $place;
            [$bustCost, $busts] = $this->beside(Level::Bust, $waist, $fit, $steps, $allowed);
            [$hipCost, $hips] = $this->beside(Level::Hip, $waist, $fit, $steps, $allowed);
            $cost = $bustCost + $hipCost + $fit * $misfit;
            if ($cost > $bestCost + self::TIE) {
                continue;
            }
            foreach ($this->pairs($waist, $busts, $hips) as [$bust, $hip]) {
                $rank = self::rank($bust, $waist, $hip);
                if ($best === null || $cost < $bestCost - self::TIE || $rank < $bestRank) {
                    [$best, $bestRank] = [[$bust, $waist, $hip], $rank];
                    $bestCost = min($bestCost, $cost);
                }
            }
        }

        return array_filter(array_combine(['bust', 'waist', 'hip'], $best ?? [null, null, null]), static fn (?int $size): bool => $size !== null);
    }

    /**
     * The least a level beside the waist costs, and all sizes that cost it.
     *
     * @param  array<string, array<int, float>>  $allowed
     * @param  list<float>  $steps  what a step of so many sizes counts
     * @return array{float, list<?int>} smallest size first
     */
    private function beside(Level $level, ?int $waist, float $fit, array $steps, array $allowed): array
    {
        if (! isset($allowed[$level->value])) {
            return [0.0, [null]];
        }
        $least = INF;
        $sizes = [];
        foreach ($allowed[$level->value] as $size => $misfit) {
            // The rest fit worse than all of this costs.
            if ($fit * $misfit > $least + self::TIE) {
                break;
            }
            $cost = $fit * $misfit + ($waist === null ? 0.0 : $steps[abs($size - $waist)]);
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
     * What each candidate costs at its level, the best fitting first: so a search can stop early.
     *
     * @param  callable(LevelCosts): list<int>  $allowed
     * @return array<string, array<int, float>> by level and size
     */
    private function sorted(callable $allowed): array
    {
        $sorted = [];
        foreach ($this->levels as $name => $level) {
            $sorted[$name] = array_intersect_key($level->fit, array_flip($allowed($level)));
            asort($sorted[$name]);
        }

        return $sorted;
    }

    /**
     * Of the pairs that cost the same, those that could win a tie: alike with the waist, alike with each
     * other, or the smallest.
     *
     * @param  list<?int>  $busts  at least one
     * @param  list<?int>  $hips  at least one
     * @return list<array{?int, ?int}>
     */
    private function pairs(?int $waist, array $busts, array $hips): array
    {
        $bust = in_array($waist, $busts, true) ? $waist : $busts[0];
        $hip = in_array($waist, $hips, true) ? $waist : $hips[0];
        $pairs = [[$bust, $hip], [$bust, $hips[0]], [$busts[0], $hip], [$busts[0], $hips[0]]];
        $alike = array_values(array_intersect($busts, $hips));
        if ($alike !== []) {
            $pairs[] = [$alike[0], $alike[0]];
        }

        return $pairs;
    }

    /**
     * Less is better: fewer different sizes, then the smaller sum, then the smaller bust, then the waist.
     *
     * @return array{int, int, int, int}
     */
    private static function rank(?int $bust, ?int $waist, ?int $hip): array
    {
        $sizes = array_filter([$bust, $waist, $hip], static fn (?int $size): bool => $size !== null);

        return [count(array_unique($sizes)), array_sum($sizes), $bust ?? 0, $waist ?? 0];
    }

    /**
     * All levels in the size that costs least, the frame's where it is fixed; refusals don't count.
     *
     * @return array<string, int>
     */
    private function oneSize(): array
    {
        $frame = $this->situation->lookup?->chart->size;
        $common = $frame !== null && isset($this->levels['bust']) ? [$frame] : $this->commonSizes();
        $best = $common[0];
        $cost = fn (int $size): float => array_sum(array_map(static fn (LevelCosts $level): float => $level->fit[$size] ?? 0.0, $this->levels));
        foreach ($common as $size) {
            $best = $cost($size) < $cost($best) - self::TIE ? $size : $best;
        }

        return array_map(static fn (): int => $best, $this->levels);
    }

    /** @return non-empty-list<int> sizes that are candidates at every level; any size where there is none */
    private function commonSizes(): array
    {
        $each = array_map(static fn (LevelCosts $level): array => array_keys($level->fit), array_values($this->levels));
        $common = array_values(array_intersect(...$each));

        return $common === [] ? $each[0] : $common;
    }

    /** @param  array<string, int>  $sizes */
    private function alternative(string $name, array $sizes): Alternative
    {
        return Alternative::of($name, $sizes, $this->levels, $this->weights, $this->adjustment, $this->situation);
    }
}
