<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\UsualLengths;
use Underbolt\Planning\Plan;

/** What the line and the lengths ask of the paper. */
final class PaperCautions
{
    /** More than this at an edge no side seam carries: 4 cm (common practice, no published source). */
    private const FAR_NM = 40_000_000;

    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        $lengths = array_map(
            static fn (string $which): Caution => Caution::lengthSmall($which === 'above_waist' ? Level::Waist : Level::Hip),
            $plan->lengths->small,
        );

        return array_values(array_filter([
            ...self::far($plan),
            ...array_map(Caution::unlikeCutShort(...), $plan->frontBack->cutShort),
            ...$lengths,
            ...self::cutAway($plan),
            self::guessed($plan),
            ...self::tissue($plan),
            $plan->lengths->hemUnanswered ? Caution::noPatternLength() : null,
        ], static fn (?Caution $caution): bool => $caution !== null));
    }

    /** @return list<Caution> where the hem as cut stands above a level that has a size */
    private static function cutAway(Plan $plan): array
    {
        $found = [];
        foreach ([Level::Waist, Level::Hip] as $level) {
            $below = $plan->at($level) === null ? null : $plan->lengths->hemBelow($level);
            if ($below?->isNegative() === true) {
                $found[] = Caution::hemAboveLevel($level, $plan->make->say($below->abs()));
            }
        }

        return $found;
    }

    private static function guessed(Plan $plan): ?Caution
    {
        $words = array_map(static fn (UsualLengths $length): string => $length->words(), $plan->make->pattern->seam->guessed);

        return $words === [] ? null : Caution::lengthGuessed(implode(' and ', $words));
    }

    /** @return list<Caution> where envelope and tissue disagree at a level that the make has */
    private static function tissue(Plan $plan): array
    {
        $found = [];
        foreach ($plan->make->pattern->parts->flat as $at => $check) {
            $level = Level::tryFrom($at);
            if ($level !== null && $plan->at($level) !== null && $check->printed !== null && $check->differs()) {
                $found[] = Caution::tissueDiffers($level, $plan->nameOf($check->size), $plan->make->say($check->printed), $plan->make->say($check->finished()), $check->isUsed(), $check->isComplete());
            }
        }

        return $found;
    }

    /** @return list<Caution> */
    private static function far(Plan $plan): array
    {
        $found = [];
        foreach (array_filter($plan->levels) as $level) {
            $most = $level->change->front->abs()->longer($level->change->back->abs());
            if (Length::ofNanometres(self::FAR_NM)->isLessThan($most)) {
                $found[] = Caution::changeFar($level->facts->level, $plan->make->say($most));
            }
        }

        return $found;
    }
}
