<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\Length;

/** One chart row over the sizes in play: at least one figure, strictly rising with the size. */
final readonly class SizeChart
{
    /** A measure this near to a figure stands on it: 1/16 in. */
    public const ON_NM = 1_587_500;

    /** @param  non-empty-array<int, Length>  $values by place in the pattern's list of sizes */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  non-empty-array<int, Length>  $values  by place in the pattern's list of sizes, places rising
     *
     * @throws RowDoesNotRise when a larger size has no larger figure
     */
    public static function of(ChartRow $row, array $values): self
    {
        $before = null;
        foreach ($values as $index => $value) {
            if ($before !== null && $before->nanometres >= $value->nanometres) {
                throw RowDoesNotRise::at($row, $index);
            }
            $before = $value;
        }

        return new self($values);
    }

    public function at(int $index): ?Length
    {
        return $this->values[$index] ?? null;
    }

    /** @return non-empty-array<int, Length> by place in the pattern's list of sizes */
    public function values(): array
    {
        return $this->values;
    }

    public function sizeOf(Length $measure, BetweenRule $rule): ChartSize
    {
        $on = $this->sizeOn($measure);
        if ($on !== null) {
            return new ChartSize($on, ChartPosition::On, $on, $on);
        }
        [$lower, $upper] = $this->neighbours($measure);

        return match (true) {
            $lower === null => new ChartSize((int) $upper, ChartPosition::Below, null, $upper),
            $upper === null => new ChartSize($lower, ChartPosition::Above, $lower, null),
            default => new ChartSize($this->between($lower, $upper, $measure, $rule), ChartPosition::Between, $lower, $upper),
        };
    }

    /** The size nearest to the measure, if it is near enough to stand on; of two as near the larger. */
    private function sizeOn(Length $measure): ?int
    {
        $nearest = $this->nearest($measure, BetweenRule::Up);

        return $this->distance($nearest, $measure) <= self::ON_NM ? $nearest : null;
    }

    /** The size with the least difference from the measure; of two as near the smaller under `down`, else the larger. */
    public function nearest(Length $measure, BetweenRule $tie): int
    {
        $best = array_key_first($this->values);
        foreach (array_keys($this->values) as $index) {
            $gain = $this->distance($best, $measure) <=> $this->distance($index, $measure);
            if ($gain > 0 || ($gain === 0 && $tie !== BetweenRule::Down)) {
                $best = $index;
            }
        }

        return $best;
    }

    /** @return array{?int, ?int} the last size below the measure and the first above it */
    private function neighbours(Length $measure): array
    {
        $lower = null;
        foreach ($this->values as $index => $value) {
            if ($measure->isLessThan($value)) {
                return [$lower, $index];
            }
            $lower = $index;
        }

        return [$lower, null];
    }

    private function between(int $lower, int $upper, Length $measure, BetweenRule $rule): int
    {
        return match ($rule) {
            BetweenRule::Up => $upper,
            BetweenRule::Down => $lower,
            BetweenRule::Nearest => $this->distance($lower, $measure) < $this->distance($upper, $measure) ? $lower : $upper,
        };
    }

    private function distance(int $index, Length $measure): int
    {
        return $this->values[$index]->minus($measure)->abs()->nanometres;
    }
}
