<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** All tries at one point, in the order in which they were taken. */
final readonly class Readings
{
    /** More tries at one point than anyone takes. */
    public const MOST_TRIES = 9;

    /** A waist and a trouser line lie no further apart: 8 cm (common practice, no published source). */
    private const TROUSER_LINE_NM = 80_000_000;

    /** Tries at a hunted point further apart than this were perhaps taken at two places: 3 cm (common practice, no published source). */
    private const TWO_PLACES_NM = 30_000_000;

    /**
     * @param  non-empty-list<Length>  $tries
     * @param  ?Length  $picked  one of them
     */
    private function __construct(private array $tries, private ?Length $picked)
    {
    }

    /**
     * @param  non-empty-list<Length>  $tries
     * @param  ?Length  $picked  one of them: the one that was said to count
     */
    public static function of(array $tries, ?Length $picked = null): self
    {
        return new self($tries, $picked);
    }

    /** The measure that the tries give. */
    public function measureOf(Point $point): Length
    {
        return match ($this->counting($point)) {
            Counting::Picked => $this->picked ?? $this->median(),
            Counting::Smallest => $this->smallest(),
            Counting::Largest => $this->largest(),
            Counting::Only, Counting::Middle => $this->median(),
        };
    }

    /** What was picked; else the middle one, but the smallest waist and the largest hip, because those are found by hunting. */
    public function counting(Point $point): Counting
    {
        return match (true) {
            count($this->tries) === 1 => Counting::Only,
            $this->picked !== null => Counting::Picked,
            default => self::hunted($point) ?? Counting::Middle,
        };
    }

    /** Whether the tries at a point that is found by hunting lie so far apart that they were perhaps taken at two places. */
    public function perhapsAtTwoPlaces(Point $point): bool
    {
        return self::hunted($point) !== null && $this->spread()->nanometres > self::TWO_PLACES_NM;
    }

    /** Whether they are a natural waist and a trouser line, 3 to 8 cm lower round the body (common practice, no published source). */
    public function perhapsTrouserLine(Point $point): bool
    {
        return $point === Point::Waist && $this->perhapsAtTwoPlaces($point) && $this->spread()->nanometres <= self::TROUSER_LINE_NM;
    }

    public function count(): int
    {
        return count($this->tries);
    }

    private static function hunted(Point $point): ?Counting
    {
        return match ($point) {
            Point::Waist => Counting::Smallest,
            Point::Hip, Point::ThighLevel => Counting::Largest,
            default => null,
        };
    }

    /**
     * @param  array<string, self>  $all  by the point's code
     * @return array<string, Length> the measure of each
     */
    public static function measures(array $all): array
    {
        $measures = [];
        foreach ($all as $code => $readings) {
            $measures[$code] = $readings->measureOf(Point::from($code));
        }

        return $measures;
    }

    /** The middle reading; of an even number half way between the two middle ones, rounded to a nanometre. */
    public function median(): Length
    {
        $sorted = $this->tries;
        usort($sorted, static fn (Length $a, Length $b): int => $a->compare($b));
        $count = count($sorted);
        $upper = $sorted[intdiv($count, 2)];
        $lower = $sorted[intdiv($count - 1, 2)];

        return $lower->plus($upper)->dividedBy(2);
    }

    /** The largest less the smallest reading. */
    public function spread(): Length
    {
        return $this->largest()->minus($this->smallest());
    }

    private function smallest(): Length
    {
        return array_reduce($this->tries, static fn (Length $least, Length $try): Length => $least->shorter($try), $this->tries[0]);
    }

    public function largest(): Length
    {
        return array_reduce($this->tries, static fn (Length $most, Length $try): Length => $most->longer($try), $this->tries[0]);
    }
}
