<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\LengthChanges;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Level;
use Underbolt\Seam\SeamDepths;

/** Makes the plan of a make: reads the chart, picks a size at every level, draws the blend, says what to watch. */
final class PlanBuilder
{
    /** @throws Unplannable when the charts are faulty, or what the make needs is missing */
    public static function build(Make $make): Plan
    {
        $inPlay = SizesInPlay::of($make);
        $faults = ChartCheck::over($make->pattern, $inPlay->sizes);
        if ($faults !== []) {
            throw Unplannable::charts($faults);
        }
        $levels = LevelPlans::of($make, $inPlay);
        $steps = [
            'bust_waist' => self::step($levels, Level::Bust, Level::Waist),
            'waist_hip' => self::step($levels, Level::Waist, Level::Hip),
        ];
        $lengths = LengthChanges::of($make->body, $make->pattern->seam);
        $depths = self::depths($lengths, array_key_exists(Level::Bust->value, $levels));

        return new Plan(
            $make,
            $inPlay,
            self::frame($make, $levels['bust'] ?? null),
            $levels,
            $steps,
            $lengths,
            Blend::of($make, $levels, $depths),
            Cautions::of($make, $inPlay, $levels, $steps),
        );
    }

    /** @throws Unplannable when the changed paper leaves no room between underarm and waist */
    private static function depths(LengthChanges $lengths, bool $hasBust): SeamDepths
    {
        $depths = $lengths->depths($hasBust);
        if ($hasBust && $depths->waist !== null && $depths->waist->nanometres <= 0) {
            throw Unplannable::waistAboveUnderarm();
        }

        return $depths;
    }

    private static function frame(Make $make, ?LevelPlan $bust): Frame
    {
        return new Frame($make->choices->lead, $bust?->size, $bust?->facts->body, $bust?->chart);
    }

    /** @param  array<string, ?LevelPlan>  $levels */
    private static function step(array $levels, Level $upper, Level $lower): ?Step
    {
        $above = $levels[$upper->value] ?? null;
        $below = $levels[$lower->value] ?? null;

        return $above === null || $below === null ? null : new Step(abs($above->size - $below->size));
    }
}
