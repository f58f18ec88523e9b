<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** What cup, frame and bust adjustment bring with them. */
final class FrameCautions
{
    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        if (! array_key_exists('bust', $plan->levels)) {
            return [];
        }
        $bust = $plan->bust;

        return array_values(array_filter([
            self::outside($plan),
            self::unknown($plan),
            $plan->cup?->outside === true ? Caution::cupOutsideTable($plan->cup->letter) : null,
            ...self::cupRows($plan),
            $bust?->widensBack() === true ? Caution::pivotWidensBack($plan->make->say($bust->perEdge())) : null,
            $bust?->isMade() === true ? Caution::bustPointMoves(self::bustPoint($plan)) : null,
            self::sizedDown($plan),
        ], static fn (?Caution $caution): bool => $caution !== null));
    }

    /** A frame that is looked up in a row of its own can lie outside that row, though the bust does not. */
    private static function outside(Plan $plan): ?Caution
    {
        $frame = $plan->frame->chart;
        if ($frame === null || $frame->standing === $plan->at(Level::Bust)?->facts->chartSize?->standing) {
            return null;
        }

        return match ($frame->standing) {
            ChartPosition::Below => Caution::belowRange(Level::Bust, $plan->nameOf($frame->size)),
            ChartPosition::Above => Caution::aboveRange(Level::Bust, $plan->nameOf($frame->size)),
            default => null,
        };
    }

    private static function unknown(Plan $plan): ?Caution
    {
        $bust = $plan->at(Level::Bust);
        if ($plan->bust !== null || $bust === null) {
            return null;
        }

        // The level itself is planned, by its frame; that it lacks its measure is said all the same.
        return $bust->facts->body === null ? Caution::bustNotMeasured($plan->frame->lead->point()->words()) : Caution::bustNotPrinted($plan->nameOf($bust->size));
    }

    /** @return list<Caution> */
    private static function cupRows(Plan $plan): array
    {
        $rows = $plan->situation->cupBust;
        $letter = $plan->cup?->letter;
        if ($rows === null || $letter === null) {
            return [];
        }

        $isOwn = $rows->bodyFrom === null && $rows->finishedFrom === null;

        return [
            ...($rows->derived ? [Caution::cupRowDerived($letter)] : []),
            ...($isOwn ? [] : [Caution::cupNoRow($letter, $rows->bodyFrom, $rows->finishedFrom)]),
        ];
    }

    private static function bustPoint(Plan $plan): ?string
    {
        $depth = $plan->make->body->at(Point::ShoulderToBustPoint);

        return $depth === null ? null : $plan->make->say($depth);
    }

    /** Smaller than what was looked up for shoulder and armhole, for whatever reason. */
    private static function sizedDown(Plan $plan): ?Caution
    {
        $bust = $plan->at(Level::Bust);
        $named = $plan->frame->chart ?? $bust?->facts->chartSize;

        return $bust !== null && $named !== null && $bust->size < $named->size ? Caution::sizedDown() : null;
    }
}
