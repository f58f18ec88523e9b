<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** The measures of one body, and how far the readings behind them lie apart. */
final readonly class Body
{
    /** Nobody reads a tape more closely than this: 0.5 cm (common practice, no published source). */
    private const LEAST_SPREAD_NM = 5_000_000;

    /** Nor does the steadiest hand that has practised: 0.3 cm (judgement, no published source). */
    private const LEAST_OF_A_HAND_NM = 3_000_000;

    /**
     * @param  array<string, Length>  $measures  by the point's code; each within the limits of its kind
     * @param  array<string, Length>  $spreads  largest less smallest reading, by the point's code
     * @param  array<string, int>  $counts  how many readings there are, likewise; one where nothing is said
     * @param  array<string, Length>  $hand  how far the readings of whoever measured lie apart at a point, as they practised it
     */
    public function __construct(private array $measures, private array $spreads = [], private array $counts = [], private array $hand = [])
    {
    }

    public function at(Point $point): ?Length
    {
        return $this->measures[$point->value] ?? null;
    }

    /** How far the true measure may lie from the one kept; at least as far as the hand scatters. */
    public function spreadAt(Point $point): Length
    {
        $least = self::scatterOf($this->hand[$point->value] ?? null);

        return ($this->spreads[$point->value] ?? $least)->longer($least);
    }

    /**
     * How far a hand is taken to scatter at a point.
     *
     * @param  ?Length  $practised  largest less smallest reading, as it practised it; null where it isn't known
     */
    public static function scatterOf(?Length $practised): Length
    {
        return $practised === null
            ? Length::ofNanometres(self::LEAST_SPREAD_NM)
            : $practised->longer(Length::ofNanometres(self::LEAST_OF_A_HAND_NM));
    }

    public function isReadOnce(Point $point): bool
    {
        return ($this->counts[$point->value] ?? 1) === 1;
    }

    /** The same body with one measure in place of its own. */
    public function with(Point $point, Length $measure): self
    {
        return new self([$point->value => $measure] + $this->measures, $this->spreads, $this->counts, $this->hand);
    }
}
