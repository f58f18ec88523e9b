<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Pieces\Unheld;

/** What the line can't do for a garment, said where the line is drawn instead of guessed. */
final class NotHeld
{
    /** @return list<string> */
    public static function told(Given $given): array
    {
        $make = $given->plan->make;
        $unheld = $given->pieces->areListed ? Unheld::in($make->pattern->name, $given->pieces->all) : [];

        return [
            ...($make->pattern->garment === Garment::Trousers ? ['Inside leg and crotch stay as printed.'] : []),
            ...array_map(static fn (Unheld $one): string => match ($one) {
                Unheld::Wrap => 'The opening edge of the wrap stays as printed, and a band or tie keeps its overlap: walk it round the new waist before it is cut.',
                Unheld::HalfCircle, Unheld::FullCircle => self::radius($given, $one),
                Unheld::Godet => 'A godet keeps its shape: only the length of the seam it is set into counts.',
                Unheld::Hood => 'A hood keeps its shape: only the length of the neck seam counts.',
                Unheld::Yoke => 'A yoke keeps its shape: only the length of the seam that joins it counts.',
            }, $unheld),
        ];
    }

    /** The waist of a circle grows by its radius: by the amount round over 2 pi and the share of the circle. */
    private static function radius(Given $given, Unheld $circle): string
    {
        $said = "The seam of a {$circle->value} lies so flat that a move of it counts little";
        $round = $given->plan->at(Level::Waist)->changed ?? Length::zero();
        $radius = Length::ofNanometres((int) round($round->nanometres / (2 * M_PI * ($circle->ofCircle() ?? 1.0))));

        return ! $given->plan->make->canBeDone($radius)
            ? "{$said}: change the waist's radius instead."
            : "{$said}: draw the waist's curve with a radius {$given->saying->length($radius)} ".($radius->isPositive() ? 'larger' : 'smaller').' instead.';
    }
}
