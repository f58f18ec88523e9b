<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** What a plan can warn of; the codes are stable and part of the open format. */
enum CautionCode: string
{
    case BelowRange = 'below_range';
    case AboveRange = 'above_range';
    case OtherRangeFits = 'other_range_fits';
    case RangeNotOwned = 'range_not_owned';
    case NotMeasured = 'not_measured';
    case NoFinished = 'no_finished';
    case NoLikedEase = 'no_liked_ease';
    case UnderLeastEase = 'under_least_ease';
    case StepCare = 'step_care';
    case StepAvoid = 'step_avoid';
}
