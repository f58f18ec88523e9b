<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LengthChanges;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Standing;

/** Looks a finished choice of sizes over for what is worth knowing before cutting. */
final class Cautions
{
    /**
     * @param  array<string, ?LevelPlan>  $levels
     * @param  array{bust_waist: ?Step, waist_hip: ?Step}  $steps
     * @return list<Caution> from the top of the body down, then the steps, then the whole
     */
    public static function of(Situation $situation, array $levels, array $steps, ?BustAdjustment $bust, LengthChanges $lengths, ?SideSeam $seam): array
    {
        $atLevels = new LevelCautions($situation);
        $found = [];
        foreach ($levels as $name => $plan) {
            $level = Level::from($name);
            if (! SizePick::isFree($situation->make, $level)) {
                $found[] = $plan === null ? [Caution::notMeasured($level)] : $atLevels->at($plan);
            }
        }

        return [
            ...self::onFrame($situation, $levels['bust'] ?? null),
            ...array_merge([], ...$found),
            ...self::onStep($situation->make, $steps['bust_waist'], Level::Bust, Level::Waist),
            ...self::onStep($situation->make, $steps['waist_hip'], Level::Waist, Level::Hip),
            ...BodyCautions::of($situation, $lengths),
            ...BustCautions::of($situation, $bust, $levels['bust'] ?? null),
            ...GarmentCautions::of($situation->make, array_filter($levels)),
            ...self::onSeam($situation->make, $seam),
        ];
    }

    /**
     * A frame that is looked up in a row of its own can lie outside that row, though the bust does not.
     *
     * @return list<Caution>
     */
    private static function onFrame(Situation $situation, ?LevelPlan $bust): array
    {
        $frame = $situation->lookup?->chart;
        if ($frame === null || $frame->standing === $bust?->chart->standing) {
            return [];
        }
        $size = $situation->make->pattern->sizes[$frame->size];

        return match ($frame->standing) {
            Standing::Below => [Caution::belowRange(Level::Bust, $size)],
            Standing::Above => [Caution::aboveRange(Level::Bust, $size)],
            default => [],
        };
    }

    /** @return list<Caution> */
    private static function onStep(Make $make, ?Step $step, Level $upper, Level $lower): array
    {
        // A step of one size is easy, however small the largest step is set.
        $worth = $step !== null && $step->sizes > max(1, $make->choices->largestStep);

        return $worth ? [Caution::step($upper, $lower, $step->sizes)] : [];
    }

    /** @return list<Caution> */
    private static function onSeam(Make $make, ?SideSeam $seam): array
    {
        return array_values(array_filter([
            $seam?->isSteep() === true ? Caution::steepBlend() : null,
            $seam === null || $seam->matches() ? null : Caution::seamsDiffer($make->say($seam->difference()->abs())),
        ], static fn (?Caution $caution): bool => $caution !== null));
    }
}
