<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\LevelFacts;

/**
 * The sizes that the planner may take at a level. What a size is for: neck, shoulder and armhole come with the bust's, and below
 * it a printed line is traced, not ruled, so nothing is taken smaller than the chart says only to save a step.
 */
final class AllowedSizes
{
    /** @return non-empty-list<int> */
    public static function at(LevelFacts $facts): array
    {
        $candidates = $facts->candidates();

        return match (true) {
            $facts->frame !== null => $candidates,
            $facts->level === Level::Bust => [self::ownThatMoves($facts, $candidates)],
            $facts->isFree() => $candidates,
            default => self::large($facts, $candidates),
        };
    }

    /**
     * The own pick; where a garment of it is too small to move in, at a bust that counts, the smallest above it that isn't.
     *
     * @param  non-empty-list<int>  $candidates
     */
    private static function ownThatMoves(LevelFacts $facts, array $candidates): int
    {
        if (! $facts->isFree() && $facts->isTooSmall($facts->own)) {
            foreach ($candidates as $size) {
                if ($size > $facts->own && ! $facts->isTooSmall($size)) {
                    return $size;
                }
            }
        }

        return $facts->own;
    }

    /**
     * @param  non-empty-list<int>  $candidates
     * @return non-empty-list<int>
     */
    private static function large(LevelFacts $facts, array $candidates): array
    {
        $left = array_values(array_filter($candidates, static fn (int $size): bool => $size >= $facts->own || self::holds($facts, $size)));
        $left = $left === [] ? $candidates : $left;
        $moving = array_values(array_filter($left, static fn (int $size): bool => ! $facts->isTooSmall($size)));

        return $moving === [] ? $left : $moving;
    }

    /** Whether a smaller size lacks what nobody alters for, or is known to hold the body where the rule doesn't say to go up. */
    private static function holds(LevelFacts $facts, int $size): bool
    {
        return $facts->isNearlyOwn($size) || ($facts->between !== BetweenRule::Up && $facts->hasRoom($size));
    }
}
