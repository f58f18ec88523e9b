<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingPlace;

/** What is looked at when a make is tried, and what an answer that is not right is likely to ask for. */
enum TrialQuestion: string
{
    case Reaches = 'reaches';
    case Gapes = 'gapes';
    case Level = 'level';
    case Pulls = 'pulls';
    case Binds = 'binds';

    public function words(): string
    {
        return match ($this) {
            self::Reaches => 'Does it reach: centre to centre, side to side?',
            self::Gapes => 'Does neck or armhole lie flat, without gaping?',
            self::Level => 'Are waist and hem level, where they should be?',
            self::Pulls => 'Does it hang without pulling or folds?',
            self::Binds => 'Is there room to sit, reach and breathe?',
        };
    }

    /** @return array{FittingPlace, Alteration} what is usually done where the answer is no */
    public function usualFinding(): array
    {
        return match ($this) {
            self::Reaches => [FittingPlace::SideSeam, Alteration::Add],
            self::Gapes => [FittingPlace::Neck, Alteration::Take],
            self::Level => [FittingPlace::Waist, Alteration::Lengthen],
            self::Pulls => [FittingPlace::Bust, Alteration::Add],
            self::Binds => [FittingPlace::Hip, Alteration::Add],
        };
    }
}
