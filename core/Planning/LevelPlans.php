<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Level;
use Underbolt\Pattern\Weight;
use Underbolt\Sizing\LeastEase;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\SizeChoice;

/** Picks the size at every level, each by its own school, clips set by hand first. */
final class LevelPlans
{
    /**
     * @return array<string, ?LevelPlan> null where not measured, absent where the pattern has no row
     *
     * @throws Unplannable when the bust is not measured though the pattern has one, or no level is left
     */
    public static function of(Make $make, SizesInPlay $inPlay): array
    {
        $plans = [];
        foreach (self::facts($make, $inPlay) as $name => $facts) {
            $plans[$name] = $facts === null ? null : new LevelPlan($facts, self::ownSize($make, $inPlay, $facts));
        }
        if (array_key_exists('bust', $plans) && $plans['bust'] === null) {
            throw Unplannable::leadNotMeasured(Level::Bust);
        }
        if (array_filter($plans) === []) {
            throw Unplannable::noLevel();
        }

        return array_map(static fn (?LevelPlan $plan): ?LevelPlan => $plan === null ? null : self::following($make, $plan, $plans), $plans);
    }

    /** @return array<string, ?LevelFacts> by level */
    private static function facts(Make $make, SizesInPlay $inPlay): array
    {
        $all = [];
        $finished = $make->pattern->finishedFor($make->choices->view, $make->choices->fit, null);
        foreach (Level::cases() as $level) {
            $chart = $make->pattern->bodyChart->over($level->row(), $inPlay->sizes);
            if ($chart === null || ! $make->pattern->hasLevel($level)) {
                continue;
            }
            $body = SizesInPlay::bodyAt($make, $level);
            $all[$level->value] = $body === null ? null : new LevelFacts(
                $level,
                $body,
                $chart,
                $finished->over($level->row(), $inPlay->sizes),
                $make->choices->between,
                $make->choices->ease,
                $make->choices->likedEase($level),
                $make->choices->leastEase($level) ?? LeastEase::of($level, $make->pattern->fabric, $body),
                $make->pattern->seam->edgesAt($level),
            );
        }

        return $all;
    }

    /** @throws Unplannable when the clip stands on a size of another draft */
    private static function ownSize(Make $make, SizesInPlay $inPlay, LevelFacts $facts): int
    {
        $clip = $make->choices->clip($facts->level);
        if ($clip === null) {
            return SizeChoice::at($facts);
        }
        if (! in_array($clip, $inPlay->sizes, true)) {
            throw Unplannable::clipNotInPlay($facts->level, $make->pattern->sizes[$clip]);
        }

        return $clip;
    }

    /**
     * A free level without a clip takes the size of the nearest level that is not free.
     *
     * @param  array<string, ?LevelPlan>  $plans
     */
    private static function following(Make $make, LevelPlan $plan, array $plans): LevelPlan
    {
        if (! self::follows($make, $plan->facts->level)) {
            return $plan;
        }
        foreach ($plan->facts->level->nearest() as $other) {
            $leader = $plans[$other->value] ?? null;
            if ($leader !== null && $make->pattern->weightAt($other) !== Weight::Free) {
                return new LevelPlan($plan->facts, $leader->size);
            }
        }

        return $plan;
    }

    /** Whether a level decides nothing, and so raises no caution either. */
    public static function follows(Make $make, Level $level): bool
    {
        return $make->pattern->weightAt($level) === Weight::Free && $make->choices->clip($level) === null;
    }
}
