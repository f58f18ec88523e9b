<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Planning\Plan;

/** The new side seam at true size, front and back, drawn from the plan alone: to be laid under the tissue, underarm on underarm. */
final class Strip
{
    private const BETWEEN_MM = 16.0;

    /**
     * @param  string  $name  what stands on every page of it
     *
     * @throws NoStrip where the seam can't be drawn, or its allowance isn't known
     */
    public static function of(Plan $plan, string $name, StripLine $line): Drawing
    {
        $seam = $plan->wholeSeam() ?? throw NoStrip::withoutDepths();
        $allowance = match ($line) {
            StripLine::Seam => null,
            StripLine::WithAllowance => $plan->make->pattern->seam->seamAllowance ?? throw NoStrip::withoutAllowance(),
        };
        $front = StripSide::of('front', $plan, $plan->front, $seam->front, $seam->lines, $plan->stations(), $allowance);
        $back = StripSide::of('back', $plan, $plan->back, $seam->back ?? $seam->front, $seam->lines, $plan->backStations() ?? $plan->stations(), $allowance);
        $backFrom = TestMarks::BESIDE_MM + $front->widthMm + self::BETWEEN_MM;

        return (new Drawing(
            $name,
            $backFrom + $back->widthMm,
            TestMarks::ABOVE_MM + max($front->heightMm, $back->heightMm),
            [],
            [],
        ))->with([...$front->at(TestMarks::BESIDE_MM, TestMarks::ABOVE_MM), ...$back->at($backFrom, TestMarks::ABOVE_MM)]);
    }
}
