<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Measure\Point;
use Underbolt\Pattern\FabricKind;
use Underbolt\Sizing\EaseSchool;

/** What cup, frame and bust adjustment bring with them. */
final class BustCautions
{
    /** @return list<Caution> */
    public static function of(Situation $situation, ?BustAdjustment $adjustment, ?LevelPlan $bust): array
    {
        $make = $situation->make;
        $adjusted = $adjustment !== null && $adjustment->kind !== AdjustmentKind::None;

        return array_values(array_filter([
            array_key_exists('bust', $situation->facts) && $situation->cup?->outside === true ? Caution::cupOutsideTable($situation->cup->letter) : null,
            self::cupRow($situation),
            $adjusted && $adjustment->widensBack() ? Caution::pivotWidensBack($make->say($adjustment->perEdge())) : null,
            $adjusted ? Caution::bustPointMoves(self::bustPoint($make)) : null,
            $bust === null ? null : self::sleeve($make, $bust),
        ], static fn (?Caution $caution): bool => $caution !== null));
    }

    private static function cupRow(Situation $situation): ?Caution
    {
        $cup = $situation->cup;
        $missing = $situation->lead->lead === Lead::Cup && $cup !== null && $situation->cupRow !== $cup->letter;

        return $missing && array_key_exists('bust', $situation->facts) ? Caution::cupNoRow($cup->letter, $situation->cupRow) : null;
    }

    private static function bustPoint(Make $make): ?string
    {
        $depth = $make->body->at(Point::ShoulderToBustPoint);

        return $depth === null ? null : $make->say($depth);
    }

    /** Where liked ease took a smaller size than the chart would, the arms have to be looked at as well. */
    private static function sleeve(Make $make, LevelPlan $bust): ?Caution
    {
        $bicep = $make->body->at(Point::Bicep);
        $down = $bust->facts->school === EaseSchool::Liked && $bust->size < $bust->chart->size;

        return $bicep !== null && $down && $make->pattern->fabric->kind === FabricKind::Woven ? Caution::sleeveGetsSmaller($make->say($bicep)) : null;
    }
}
