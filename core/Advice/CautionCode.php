<?php

declare(strict_types=1);

namespace Underbolt\Advice;

/** What a plan can warn of; the codes are stable and part of the open format. */
enum CautionCode: string
{
    case BelowRange = 'below_range';
    case AboveRange = 'above_range';
    case OtherRangeFits = 'other_range_fits';
    case RangeNotOwned = 'range_not_owned';
    case NotMeasured = 'not_measured';
    case BustNotMeasured = 'bust_not_measured';
    case NoFinished = 'no_finished';
    case NoLikedEase = 'no_liked_ease';
    case UnderLeastEase = 'under_least_ease';
    case CloseDraft = 'close_draft';
    case OneSizeLeftOut = 'one_size_left_out';
    case StepCare = 'step_care';
    case StepAvoid = 'step_avoid';
    case CupOutsideTable = 'cup_outside_table';
    case CupNoRow = 'cup_no_row';
    case CupRowDerived = 'cup_row_derived';
    case ThighOverHip = 'thigh_over_hip';
    case TummyOverHip = 'tummy_over_hip';
    case TummyTight = 'tummy_tight';
    case WaistAtTrousers = 'waist_at_trousers';
    case PivotWidensBack = 'pivot_widens_back';
    case BustPointMoves = 'bust_point_moves';
    case CannotPullOn = 'cannot_pull_on';
    case MeasureAgain = 'measure_again';
    case HeightDiffers = 'height_differs';
    case SizedDown = 'sized_down';
    case SleeveNarrow = 'sleeve_narrow';
    case UnlikeCutShort = 'unlike_cut_short';
    case LengthSmall = 'length_small';
    case DrawnWaist = 'drawn_waist';
    case TissueDiffers = 'tissue_differs';
    case NoPatternLength = 'no_pattern_length';
    case LengthGuessed = 'length_guessed';
    case HemAboveLevel = 'hem_above_level';
    case ChangeFar = 'change_far';
    case BeyondAllowance = 'beyond_allowance';
    case ClothKnit = 'cloth_knit';
    case ClothWoven = 'cloth_woven';
    case ClothStretchesMore = 'cloth_stretches_more';
    case ClothStretchesLess = 'cloth_stretches_less';
    case ClothStandsOff = 'cloth_stands_off';
    case ClothFallsIn = 'cloth_falls_in';
    case ClothSheer = 'cloth_sheer';

    /** In a few words, where there is no room for a sentence. */
    public function short(): string
    {
        return match ($this) {
            self::OtherRangeFits => 'another envelope fits',
            self::RangeNotOwned => 'envelope not yours',
            self::StepCare => 'two sizes apart',
            self::StepAvoid => 'three sizes apart or more',
            self::CupOutsideTable => 'cup outside the table',
            self::CupNoRow => 'no row for the cup',
            self::CupRowDerived => 'cup row worked out',
            self::ThighOverHip => 'thighs wider than the hip',
            self::TummyOverHip => 'tummy wider than the hip',
            self::TummyTight => 'tight round the tummy',
            self::WaistAtTrousers => 'waist at the trouser line?',
            self::PivotWidensBack => 'pivoting widens the back',
            self::CannotPullOn => 'can\'t be pulled on',
            self::LengthSmall => 'too little to change',
            self::TissueDiffers => 'envelope and paper disagree',
            self::CloseDraft => 'the pattern means it close',
            self::OneSizeLeftOut => 'no one size serves',
            self::HemAboveLevel => 'the hem cuts a level away',
            self::NoPatternLength => 'pattern\'s length not known',
            self::LengthGuessed => 'seam not measured yet',
            self::ChangeFar => 'far for one seam',
            self::BeyondAllowance => 'beyond the allowance',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** Where it is mended. */
    public function mendedBy(): ?Mending
    {
        return match ($this) {
            self::NotMeasured, self::BustNotMeasured, self::MeasureAgain, self::HeightDiffers, self::TummyOverHip, self::WaistAtTrousers, self::CupOutsideTable => Mending::Measuring,
            self::RangeNotOwned, self::StepAvoid, self::StepCare, self::OneSizeLeftOut, self::SizedDown => Mending::OtherWay,
            self::DrawnWaist => Mending::Length,
            self::NoFinished, self::NoPatternLength, self::LengthGuessed, self::CupNoRow, self::TissueDiffers => Mending::Pattern,
            self::ClothKnit, self::ClothWoven, self::ClothStretchesMore, self::ClothStretchesLess, self::ClothStandsOff, self::ClothFallsIn, self::ClothSheer => Mending::Cloth,
            default => null,
        };
    }

    /** Whether it is about the cloth of the make. */
    public function isOfCloth(): bool
    {
        return str_starts_with($this->value, 'cloth_');
    }

    /** Whether something has to be found out or decided before the cloth is cut; the others are for knowing. */
    public function stopsCut(): bool
    {
        return in_array($this, [
            self::BelowRange, self::AboveRange, self::OtherRangeFits, self::RangeNotOwned, self::NotMeasured,
            self::UnderLeastEase, self::HemAboveLevel, self::LengthGuessed,
            self::CannotPullOn, self::MeasureAgain, self::StepAvoid, self::TummyTight,
            self::SleeveNarrow, self::ChangeFar, self::BeyondAllowance, self::ClothWoven, self::ClothStretchesLess,
        ], true);
    }
}
