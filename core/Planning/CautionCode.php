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
    case SteepBlend = 'steep_blend';
    case SeamsDiffer = 'seams_differ';
    case CupOutsideTable = 'cup_outside_table';
    case CupNoRow = 'cup_no_row';
    case ThighOverHip = 'thigh_over_hip';
    case TummyOverHip = 'tummy_over_hip';
    case WaistAtTrousers = 'waist_at_trousers';
    case PivotWidensBack = 'pivot_widens_back';
    case BustPointMoves = 'bust_point_moves';
    case CannotPullOn = 'cannot_pull_on';
    case MeasureAgain = 'measure_again';
    case HeightDiffers = 'height_differs';
    case VeryStretchy = 'very_stretchy';
    case SleeveGetsSmaller = 'sleeve_gets_smaller';
}
