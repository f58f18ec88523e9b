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
        return $this->cheapest(1.0, 1.0, array_map(static fn (LevelCosts $level): array => $level->allowed(), $this->levels));
    }

    /** @return list<Alternative> best, one size, closest, least work */
    public function alternatives(): array
    {
        $allowed = array_map(static fn (LevelCosts $level): array => $level->allowed(), $this->levels);
        $large = array_map(static fn (LevelCosts $level): array => $level->allowedNotTooSmall(self::MOST_TOO_SMALL_CM), $this->levels);

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
     * @param  array<string, non-empty-list<int>>  $allowed  candidates by level
     * @return array<string, int>
     */
    private function cheapest(float $fit, float $work, array $allowed): array
    {
        $best = null;
        $bestCost = INF;
        $bestRank = [];
        foreach ($this->candidates(Level::Waist, $allowed) as $waist) {
            [$bustCost, $busts] = $this->beside(Level::Bust, $waist, $fit, $work, $allowed);
            [$hipCost, $hips] = $this->beside(Level::Hip, $waist, $fit, $work, $allowed);
            $cost = $bustCost + $hipCost + $fit * $this->fit(Level::Waist, $waist);
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
     * @param  array<string, non-empty-list<int>>  $allowed
     * @return array{float, list<?int>} smallest size first
     */
    private function beside(Level $level, ?int $waist, float $fit, float $work, array $allowed): array
    {
        $least = INF;
        $costs = [];
        $candidates = $this->candidates($level, $allowed);
        foreach ($candidates as $place => $size) {
            $step = $size === null || $waist === null ? 0.0 : $this->weights->step(abs($size - $waist));
            $costs[$place] = $fit * $this->fit($level, $size) + $work * $step;
            $least = min($least, $costs[$place]);
        }
        $cheap = array_filter($costs, static fn (float $cost): bool => $cost <= $least + self::TIE);

        return [$least, array_map(static fn (int $place): ?int => $candidates[$place], array_keys($cheap))];
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

    /**
     * @param  array<string, non-empty-list<int>>  $allowed
     * @return non-empty-list<?int> null alone where the level is not there
     */
    private function candidates(Level $level, array $allowed): array
    {
        return $allowed[$level->value] ?? [null];
    }

    private function fit(Level $level, ?int $size): float
    {
        return $size === null ? 0.0 : $this->levels[$level->value]->fit[$size];
    }
}
