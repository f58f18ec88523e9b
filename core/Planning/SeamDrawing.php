<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Seam\PrintedLine;
use Underbolt\Sizing\LevelFacts;

/** The side seam of one quarter, ready to be drawn: every printed line in play and the new line among them. */
final readonly class SeamDrawing
{
    /** How far apart the drawn points lie, and how much is shown below the last level. */
    private const EVERY = 5_000_000;

    private const TAIL = 80_000_000;

    /**
     * @param  non-empty-list<Length>  $depths  where the lines are sampled, from the underarm down
     * @param  array<int, list<Length>>  $lines  distance from the centre at each depth, by size
     * @param  list<?Length>  $cut  the new line likewise; null where it is left open
     */
    private function __construct(public array $depths, public array $lines, public array $cut)
    {
    }

    /** Null where the paper is not measured down to a second level: then there is no height to draw. */
    public static function of(Plan $plan): ?self
    {
        $at = $plan->blend->depths->at($plan->sizes);
        if (count($at) < 2) {
            return null;
        }
        $lines = PrintedLines::of(array_map(static fn (LevelPlan $level): LevelFacts => $level->facts, array_filter($plan->levels)), $at, $plan->inPlay->sizes);
        $depths = self::samples(array_values($at), $plan->blend->depths->end());

        return new self(
            $depths,
            array_map(static fn (PrintedLine $line): array => array_map($line->at(...), $depths), $lines),
            array_map(static fn (Length $depth): ?Length => self::cutAt($plan, $lines, $depth), $depths),
        );
    }

    /**
     * @param  non-empty-list<Length>  $levels
     * @return non-empty-list<Length>
     */
    private static function samples(array $levels, ?Length $end): array
    {
        $nanometres = array_map(static fn (Length $depth): int => $depth->nanometres, $levels);
        $deepest = max($nanometres);
        $last = max($deepest, min($deepest + self::TAIL, $end->nanometres ?? 0));
        $depths = array_unique([...range(min($nanometres), $last, self::EVERY), ...$nanometres, $last]);
        sort($depths);

        return array_map(Length::ofNanometres(...), $depths);
    }

    /** @param  array<int, PrintedLine>  $lines */
    private static function cutAt(Plan $plan, array $lines, Length $depth): ?Length
    {
        $segment = $plan->blend->segmentAt($depth);
        $from = $segment === null ? false : array_search($segment->from, $plan->make->pattern->sizes, true);
        $offset = $segment?->drawnOffset($depth);

        return $from === false || $offset === null || ! isset($lines[$from]) ? null : $lines[$from]->at($depth)->plus($offset);
    }
}
