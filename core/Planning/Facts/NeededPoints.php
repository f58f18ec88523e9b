<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Pattern;

/** The points of the body that a pattern can make use of. */
final class NeededPoints
{
    /** @return list<Point> from the top of the body down */
    public static function of(Pattern $pattern): array
    {
        $has = static fn (ChartRow $row): bool => $pattern->bodyChart->has($row) || $pattern->finished->has($row);
        $bust = $pattern->hasLevel(Level::Bust) && ($has(ChartRow::FullBust) || $pattern->hasCups());
        $hip = $pattern->hasLevel(Level::Hip) && $has(ChartRow::Hip);
        $waist = $pattern->hasLevel(Level::Waist) && $has(ChartRow::Waist);
        $halves = array_filter(
            $pattern->ranges,
            static fn ($range): bool => $pattern->cups->ruleFor($range->name)?->measure === CupMeasure::FrontHalfDifference,
        ) !== [];
        $seam = $pattern->seam;
        $wanted = [
            Point::HighBust->value => $bust,
            Point::FullBust->value => $bust,
            Point::HalfFullBust->value => $bust && $halves,
            Point::HalfUnderbust->value => $bust && $halves,
            Point::CrossFront->value => $bust && $has(ChartRow::CrossFront),
            Point::ShoulderToWaist->value => $bust && $seam->shoulderToWaist !== null,
            Point::BackLength->value => $bust && $pattern->lengths->prints(LengthRow::BackLength),
            Point::UnderarmToWaist->value => $bust && $seam->prints('underarm_to_waist'),
            Point::Waist->value => $waist,
            Point::Tummy->value => $waist && $hip,
            Point::Hip->value => $hip,
            Point::WaistToHip->value => $hip && $seam->prints('waist_to_hip'),
            Point::ThighLevel->value => $hip,
            Point::WaistToHem->value => $seam->prints('hip_to_hem') || $seam->prints('waist_to_hem_edge'),
            Point::Bicep->value => $bust && $has(ChartRow::Bicep),
            Point::SleeveLength->value => $bust && $seam->sleeveLength !== null,
        ];

        return array_map(Point::from(...), array_keys(array_filter($wanted)));
    }
}
