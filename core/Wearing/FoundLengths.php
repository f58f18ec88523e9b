<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Altering\LengthsByHand;
use Underbolt\Measure\Length;

/** Findings that are a length of the paper: the whole of it, front and back the same. */
final class FoundLengths
{
    /** Which length a finding belongs to; null where it is none of them. */
    public static function keyOf(FittingFinding $finding): ?string
    {
        $isLength = in_array($finding->deed, [Alteration::Lengthen, Alteration::Shorten], true);
        $isHem = $finding->place === FittingPlace::Hem && ($isLength || in_array($finding->deed, [Alteration::Raise, Alteration::Lower], true));

        return match (true) {
            $finding->place === FittingPlace::Sleeve && $isLength => 'sleeve',
            $finding->part !== FrontOrBack::Both => null,
            $isHem => 'hem',
            $finding->place === FittingPlace::Waist && $isLength => 'above_waist',
            $finding->place === FittingPlace::Hip && $isLength => 'below_waist',
            default => null,
        };
    }

    /** @param  list<FittingFinding>  $findings */
    public static function of(array $findings): LengthsByHand
    {
        $sums = [];
        foreach ($findings as $finding) {
            $key = self::keyOf($finding);
            if ($key !== null) {
                $longer = in_array($finding->deed, [Alteration::Lengthen, Alteration::Lower], true);
                $sum = $sums[$key] ?? Length::zero();
                $sums[$key] = $longer ? $sum->plus($finding->amount) : $sum->minus($finding->amount);
            }
        }

        return new LengthsByHand($sums['above_waist'] ?? null, $sums['below_waist'] ?? null, $sums['hem'] ?? null, $sums['sleeve'] ?? null);
    }
}
