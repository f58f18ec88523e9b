<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\LengthChanges;
use Underbolt\Measure\Length;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\RowDoesNotRise;
use Underbolt\Seam\SeamDepths;
use Underbolt\Sizing\LevelFacts;

/** Makes the plan of a make: who leads, a size at every level, the blend between them, what to watch. */
final class PlanBuilder
{
    /** @throws Unplannable when the charts are faulty, or what the make needs is missing */
    public static function build(Make $make): Plan
    {
        $inPlay = SizesInPlay::of($make);
        $situation = self::situation($make, $inPlay);
        $sizes = SizePick::of($situation);
        $bust = $situation->adjustment($sizes['bust'] ?? null);
        $levels = self::levels($situation, $sizes, $bust->total ?? Length::zero());
        $steps = ['bust_waist' => self::step($sizes, Level::Bust, Level::Waist), 'waist_hip' => self::step($sizes, Level::Waist, Level::Hip)];
        $lengths = LengthChanges::of($make->body, $make->pattern->seam);
        $depths = self::depths($lengths, array_key_exists(Level::Bust->value, $levels));
        $seam = SideSeam::of($situation, $sizes, $depths);

        return new Plan(
            $situation,
            Frame::of($situation, $levels['bust'] ?? null),
            $sizes,
            $levels,
            $steps,
            $bust,
            $lengths,
            Blend::of($situation, $sizes, $depths),
            $seam,
            Cautions::of($situation, $levels, $steps, $bust, $lengths, $seam),
        );
    }

    /** @throws Unplannable naming every figure that does not rise, not only the first that was met */
    private static function situation(Make $make, SizesInPlay $inPlay): Situation
    {
        try {
            return Situation::of($make, $inPlay);
        } catch (RowDoesNotRise $fall) {
            $faults = ChartCheck::over($make->pattern, $inPlay->sizes);
            throw Unplannable::charts($faults === [] ? $fall->faults() : $faults);
        }
    }

    /**
     * @param  array<string, int>  $sizes
     * @return array<string, ?LevelPlan>
     */
    private static function levels(Situation $situation, array $sizes, Length $adjusted): array
    {
        $sure = Sureness::of($situation, $sizes);
        $levels = [];
        foreach ($situation->facts as $name => $facts) {
            $levels[$name] = $facts instanceof LevelFacts
                ? new LevelPlan($facts, $sizes[$name], $facts->level === Level::Bust ? $adjusted : Length::zero(), $sure[$name], $situation->make->choices->centreBack($facts->level))
                : null;
        }

        return $levels;
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

    /** @param  array<string, int>  $sizes */
    private static function step(array $sizes, Level $upper, Level $lower): ?Step
    {
        $above = $sizes[$upper->value] ?? null;
        $below = $sizes[$lower->value] ?? null;

        return $above === null || $below === null ? null : new Step(abs($above - $below));
    }
}
