<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Level;
use Underbolt\Pattern\Weight;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\SizeChoice;

/** Picks the size at every level: clips set by hand first, then the planner or each level's own school. */
final class SizePick
{
    /**
     * @return array<string, int> by level, for those that are measured
     *
     * @throws Unplannable when a clip stands on a size of another draft
     */
    public static function of(Situation $situation): array
    {
        $make = $situation->make;
        $sizes = $make->choices->pick === Pick::Best ? Planner::of($situation)->best() : self::byLevel($situation);
        foreach ($situation->measured() as $name => $facts) {
            $clip = self::clip($situation, $facts);
            $sizes[$name] = $clip ?? $sizes[$name];
        }

        return self::followed($situation, $sizes);
    }

    /** Whether a level takes another's size, and so decides nothing and raises no caution. */
    public static function isFree(Make $make, Level $level): bool
    {
        return $make->pattern->weightAt($level) === Weight::Free && $make->choices->clip($level) === null;
    }

    /** @return array<string, int> */
    private static function byLevel(Situation $situation): array
    {
        $sizes = array_map(SizeChoice::at(...), $situation->measured());
        if ($situation->lookup !== null && isset($sizes['bust'])) {
            $sizes['bust'] = $situation->lookup->chart->size;
        }

        return $sizes;
    }

    private static function clip(Situation $situation, LevelFacts $facts): ?int
    {
        $clip = $situation->make->choices->clip($facts->level);
        if ($clip !== null && ! in_array($clip, $situation->inPlay->sizes, true)) {
            throw Unplannable::clipNotInPlay($facts->level, $situation->make->pattern->sizes[$clip]);
        }

        return $clip;
    }

    /**
     * A free level without a clip takes the size of the nearest level that is not free. The planner has
     * placed it already; then it only follows a clip.
     *
     * @param  array<string, int>  $sizes
     * @return array<string, int>
     */
    private static function followed(Situation $situation, array $sizes): array
    {
        $followed = $sizes;
        foreach (array_keys($sizes) as $name) {
            $level = Level::from($name);
            if (! self::isFree($situation->make, $level)) {
                continue;
            }
            foreach ($level->nearest() as $other) {
                if (isset($sizes[$other->value]) && $situation->make->pattern->weightAt($other) !== Weight::Free) {
                    $leads = $situation->make->choices->pick === Pick::Level || $situation->make->choices->clip($other) !== null;
                    $followed[$name] = $leads ? $sizes[$other->value] : $sizes[$name];
                    break;
                }
            }
        }

        return $followed;
    }
}
