<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;

/** Looks a finished plan over for what is worth knowing before cutting. */
final class Cautions
{
    /** @return list<Caution> those that stop a cut first; then from the top of the body down, then the whole */
    public static function of(Plan $plan): array
    {
        $atLevels = new LevelCautions($plan);
        $found = [];
        foreach ($plan->levels as $name => $level) {
            $found[] = $level === null
                ? (in_array($name, $plan->waitsFor(), true) ? [Caution::notMeasured(Level::from($name))] : [])
                : $atLevels->at($level);
        }
        $all = [
            ...FrameCautions::of($plan),
            ...array_merge([], ...$found),
            ...EnvelopeCautions::of($plan),
            ...self::onOneSize($plan),
            ...self::onSteps($plan),
            ...BodyCautions::of($plan),
            ...GarmentCautions::of($plan),
            ...PaperCautions::of($plan),
            ...ClothCautions::of($plan),
        ];

        return [
            ...array_filter($all, static fn (Caution $caution): bool => $caution->code->stopsCut()),
            ...array_filter($all, static fn (Caution $caution): bool => ! $caution->code->stopsCut()),
        ];
    }

    /**
     * As a person is told them: that the bust is not measured is said once, by what it is wanted for where another measure leads.
     *
     * @param  ?StationTable  $drawn  read off the pattern's own lines, where it has them
     * @return list<Caution> likewise
     */
    public static function shown(Plan $plan, ?StationTable $drawn = null): array
    {
        $all = self::onDrawing(self::of($plan), $plan, $drawn);
        $isSaid = array_filter($all, static fn (Caution $caution): bool => $caution->code === CautionCode::BustNotMeasured) !== [];

        return array_values(array_filter($all, static fn (Caution $caution): bool => ! $isSaid || $caution->code !== CautionCode::NotMeasured || $caution->level !== Level::Bust));
    }

    /**
     * What the drawing says of the waist takes the place of what the printed figure says of it.
     *
     * @param  list<Caution>  $all
     * @return list<Caution>
     */
    private static function onDrawing(array $all, Plan $plan, ?StationTable $drawn): array
    {
        $waist = DrawnWaist::of($plan, $drawn)?->caution($plan);

        $byPrint = Caution::lengthSmall(Level::Waist);

        return $waist === null ? $all : [...array_filter($all, static fn (Caution $caution): bool => $caution->text !== $byPrint->text), $waist];
    }

    /** @return list<Caution> */
    private static function onOneSize(Plan $plan): array
    {
        if (! $plan->isOneSizeLeftOut()) {
            return [];
        }
        $level = $plan->oneSizeRefusedAt();
        $frame = $plan->frame->chart?->size;
        $left = $level === null || $frame === null ? null : $plan->at($level)?->facts->leftOver($frame);

        return [Caution::oneSizeLeftOut($level, $frame === null ? null : $plan->nameOf($frame), $left?->abs(), $plan->make)];
    }

    /** @return list<Caution> */
    private static function onSteps(Plan $plan): array
    {
        // A step of one size is easy, however small the largest step is set.
        $most = max(1, $plan->make->choices->largestStep);
        $found = [];
        foreach ([['bust_waist', Level::Bust, Level::Waist], ['waist_hip', Level::Waist, Level::Hip]] as [$name, $upper, $lower]) {
            $step = $plan->steps[$name];
            if ($step !== null && $step->sizes > $most) {
                $found[] = Caution::step($upper, $lower, $step->sizes);
            }
        }

        return $found;
    }
}
