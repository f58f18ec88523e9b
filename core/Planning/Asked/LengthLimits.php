<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Altering\LengthChanges;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\SeamData;

/** Looks whether changed lengths leave paper to draw on. */
final class LengthLimits
{
    /**
     * @param  SeamData  $paper  its lengths in the sizes that are cut
     *
     * @throws Unplannable naming the change that takes more than the paper has
     */
    public static function check(Make $make, SeamData $paper, LengthChanges $lengths, bool $hasBust): void
    {
        $byHand = $make->choices->lengths;
        if ($hasBust && self::takesAll($paper->underarmToWaist, $lengths->aboveWaist)) {
            throw $byHand->aboveWaist === null
                ? Unplannable::waistAboveUnderarm()
                : Unplannable::lengthTakesAll('above_waist', 'underarm to waist', $paper->underarmToWaist, $make);
        }
        $below = [
            'below_waist' => ['waist to hip', $paper->waistToHip, $byHand->belowWaist],
            'hem' => ['waist to hem', self::waistToHem($paper), $byHand->hem],
            'sleeve' => ['shoulder to wrist', $paper->sleeveLength, $byHand->sleeve],
        ];
        foreach ($below as $key => [$where, $printed, $change]) {
            if (self::takesAll($printed, $change)) {
                throw Unplannable::lengthTakesAll($key, $where, $printed, $make);
            }
        }
    }

    private static function waistToHem(SeamData $paper): ?Length
    {
        return $paper->hipToHem === null ? $paper->waistToHemEdge : $paper->waistToHip?->plus($paper->hipToHem);
    }

    private static function takesAll(?Length $printed, ?Length $change): bool
    {
        return $printed !== null && $change !== null && ! $printed->plus($change)->isPositive();
    }
}
