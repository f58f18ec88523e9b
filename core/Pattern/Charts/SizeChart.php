<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\Length;
use Underbolt\Measure\Span;

/** One chart row over the sizes in play: at least one figure, strictly rising with the size, both ends of a range as well. */
final readonly class SizeChart
{
    /** A measure this near to a figure stands on it: 1/16 in. */
    public const ON_NM = 1_587_500;

    /** @param  non-empty-array<int, Span>  $spans by place in the pattern's list of sizes */
    private function __construct(private array $spans)
    {
    }

    /**
     * @param  non-empty-array<int, Length|Span>  $figures  by place in the pattern's list of sizes, places rising
     *
     * @throws RowDoesNotRise when a larger size has no larger figure
     */
    public static function of(ChartRow $row, array $figures): self
    {
        $spans = array_map(Span::of(...), $figures);
        $before = null;
        foreach ($spans as $index => $span) {
            if ($before !== null && ! ($before->from->isLessThan($span->from) && $before->to->isLessThan($span->to))) {
                throw RowDoesNotRise::at($row, $index);
            }
            $before = $span;
        }

        return new self($spans);
    }

    /** The figure of a size; the middle of a range. */
    public function at(int $index): ?Length
    {
        return ($this->spans[$index] ?? null)?->middle;
    }

    /** The range that is printed for a size; null where a single figure is, or none. */
    public function rangeAt(int $index): ?Span
    {
        $span = $this->spans[$index] ?? null;

        return $span?->isRange() === true ? $span : null;
    }

    /** How much a size's figure is more than a measure, from the nearest place of a range: 0 anywhere inside it. */
    public function over(int $index, Length $measure): ?Length
    {
        return ($this->spans[$index] ?? null)?->nearestTo($measure)->minus($measure);
    }

    /** Whether a measure lies between the first figure and the last, or as near as stands on one. */
    public function reaches(Length $measure): bool
    {
        $last = array_key_last($this->spans);

        return $this->spans[array_key_first($this->spans)]->from->nanometres - self::ON_NM <= $measure->nanometres
            && $measure->nanometres <= $this->spans[$last]->to->nanometres + self::ON_NM;
    }

    /** @return non-empty-array<int, Length> by place in the pattern's list of sizes; of ranges the middle */
    public function values(): array
    {
        return array_map(static fn (Span $span): Length => $span->middle, $this->spans);
    }

    /** The same row, every figure so much larger. */
    public function moved(Length $by): self
    {
        return new self(array_map(static fn (Span $span): Span => $span->plus($by), $this->spans));
    }

    public function sizeOf(Length $measure, BetweenRule $rule): ChartSize
    {
        $on = $this->sizeOn($measure, $rule);
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

    /** The size nearest to the measure, if it is near enough to stand on; of two as near the larger, of ranges that hold it alike the rule's. */
    private function sizeOn(Length $measure, BetweenRule $rule): ?int
    {
        $nearest = $this->nearest($measure, BetweenRule::Up);
        $distance = $this->distance($nearest, $measure);
        if ($distance > 0) {
            return $distance <= self::ON_NM ? $nearest : null;
        }
        if (! $this->spans[$nearest]->isRange()) {
            return $nearest; // figures rise: no other one stands on it
        }
        $holding = array_keys(array_filter($this->spans, static fn (Span $span): bool => $span->distance($measure) === 0));

        return match ($rule) {
            BetweenRule::Up => max($nearest, ...$holding),
            BetweenRule::Down => min($nearest, ...$holding),
            BetweenRule::Nearest => $this->nearestMiddle([$nearest, ...$holding], $measure),
        };
    }

    /** The size with the least difference from the measure; of two as near the smaller under `down`, else the larger. */
    public function nearest(Length $measure, BetweenRule $tie): int
    {
        $best = array_key_first($this->spans);
        $least = PHP_INT_MAX;
        foreach ($this->spans as $index => $span) {
            $distance = $span->distance($measure);
            if ($distance > $least) {
                break; // figures rise: it only gets further
            }
            if ($distance < $least || ($distance === $least && $tie !== BetweenRule::Down)) {
                [$best, $least] = [$index, $distance];
            }
        }

        return $best;
    }

    /** @param  non-empty-list<int>  $sizes  rising */
    private function nearestMiddle(array $sizes, Length $measure): int
    {
        $best = $sizes[0];
        foreach ($sizes as $size) {
            $best = $this->spans[$size]->middle->minus($measure)->abs()->compare($this->spans[$best]->middle->minus($measure)->abs()) <= 0 ? $size : $best;
        }

        return $best;
    }

    /** @return array{?int, ?int} the last size below the measure and the first above it */
    private function neighbours(Length $measure): array
    {
        $lower = null;
        foreach ($this->spans as $index => $span) {
            if ($measure->isLessThan($span->from)) {
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
        return $this->spans[$index]->distance($measure);
    }
}
