<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** All tries at one point, in the order in which they were taken. */
final readonly class Readings
{
    /** Tries at a hunted point that differ by more than this are no longer one place: 3 cm (common practice, no published source). */
    private const HUNTED_APART_NM = 30_000_000;

    /** @param  non-empty-list<Length>  $tries */
    private function __construct(private array $tries)
    {
    }

    /** @param  non-empty-list<Length>  $tries */
    public static function of(array $tries): self
    {
        return new self($tries);
    }

    /**
     * The measure that the tries give: the middle one, but the smallest waist and the largest hip, because
     * those are found by hunting. Where such tries lie too far apart the middle one counts again, and the card asks.
     */
    public function measureOf(Point $point): Length
    {
        $hunted = match ($point) {
            Point::Waist => $this->smallest(),
            Point::Hip, Point::ThighLevel => $this->largest(),
            default => null,
        };

        return $hunted === null || $this->spread()->nanometres > self::HUNTED_APART_NM ? $this->median() : $hunted;
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

    private function largest(): Length
    {
        return array_reduce($this->tries, static fn (Length $most, Length $try): Length => $most->longer($try), $this->tries[0]);
    }
}
