<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\CutAs;
use Underbolt\Planning\Asked\Pick;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** Picks the size at every level: clips set by hand first, then whoever picks for the make. */
final class SizePick
{
    /** @throws Unplannable when a clip stands on a size of another draft */
    public static function of(Situation $situation, Alternatives $ways): Sizes
    {
        $pick = self::pick($situation);
        $picked = match ($pick) {
            Pick::Level => self::byLevel($situation),
            Pick::OneSize => $ways->oneSize() ?? $ways->best,
            Pick::Best => $ways->best,
        };
        $sizes = $picked;
        foreach ($situation->onLine() as $facts) {
            $clip = self::clip($situation, $facts->level);
            $sizes = $facts->body === null && $facts->frame === null ? $sizes : $sizes->with($facts->level, $clip ?? $picked->at($facts->level));
        }

        return self::followed($situation, $sizes, $pick);
    }

    /** The make's own, else what the pattern is meant for. */
    public static function pick(Situation $situation): Pick
    {
        return $situation->make->choices->pick ?? ($situation->make->pattern->cutAs === CutAs::OneSize ? Pick::OneSize : Pick::Best);
    }

    /**
     * The nearest level that counts, whose size a free one takes; null where all are free.
     *
     * @param  ?LevelFacts  $anchor  free or not, it leads like one that counts
     */
    public static function leader(Situation $situation, Level $level, ?LevelFacts $anchor = null): ?Level
    {
        foreach ($level->nearest() as $other) {
            $facts = $situation->facts[$other->value] ?? null;
            if ($facts !== null && ($facts === $anchor || ! $facts->isFree())) {
                return $other;
            }
        }

        return null;
    }

    private static function byLevel(Situation $situation): Sizes
    {
        $own = array_map(static fn (LevelFacts $facts): int => $facts->own, $situation->measured());

        return Sizes::each(static fn (Level $level): ?int => $own[$level->value] ?? null);
    }

    private static function clip(Situation $situation, Level $level): ?int
    {
        $clip = $situation->make->choices->clip($level);
        if ($clip !== null && ! in_array($clip, $situation->inPlay->sizes, true)) {
            throw Unplannable::clipNotInPlay($level, $situation->make->pattern->sizes[$clip]);
        }

        return $clip;
    }

    /**
     * A free waist or hip without a clip takes its leader's size; where a planner has placed it already it only follows a clip.
     * A free bust follows none: neck, shoulder and armhole come with it.
     */
    private static function followed(Situation $situation, Sizes $sizes, Pick $pick): Sizes
    {
        $followed = $sizes;
        foreach (array_keys($sizes->known()) as $name) {
            $level = Level::from($name);
            $leader = $level !== Level::Bust && $situation->isFree($level) ? self::leader($situation, $level) : null;
            if ($leader !== null && ($pick === Pick::Level || $situation->make->choices->clip($leader) !== null)) {
                $followed = $followed->with($level, $sizes->at($leader));
            }
        }

        return $followed;
    }
}
