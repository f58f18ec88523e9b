<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\LevelPlan;

/** What is sewn in the seam: nothing is drawn, the allowance is another one between two notches. */
final class SewSteps
{
    /** @return list<Step> */
    public static function of(Given $given): array
    {
        return array_merge([], ...array_map(static fn (LevelPlan $level): array => self::at($given, $level), array_values(array_filter($given->plan->levels))));
    }

    /** @return list<Step> */
    private static function at(Given $given, LevelPlan $level): array
    {
        $plan = $given->plan;
        $edge = $level->taken->take === Take::Sew ? ($level->taken->perEdge ?? Length::zero())->negated() : Length::zero();
        if (! $plan->make->canBeDone($edge)) {
            return [];
        }
        $name = $level->facts->level->value;
        $how = $edge->isPositive() ? 'nearer the edge' : 'deeper';
        $allowance = $plan->make->pattern->seam->seamAllowance;
        $between = self::between($level->facts->level);
        $also = array_values(array_filter(OtherEdges::told($given, Take::Sew), static fn (array $one): bool => $one['level'] === $level->facts->level));
        $isBust = $level->facts->level === Level::Bust;
        $sleeves = $isBust ? $given->pieces->sleeves() : [];
        $applied = $steps = [];
        foreach (Given::SIDES as $side) {
            foreach ($given->pieces->atSide($level->facts->level, $side) as $piece) {
                $steps[] = $step = $given->lastDrawnIn($piece, $side, $level->facts->level);
                $applied[] = Applied::sewn($piece->name, Applied::SIDE, $side, $level->facts->level, $step, $edge, $between);
            }
        }
        foreach ($sleeves as $sleeve) {
            $applied[] = Applied::sewn($sleeve->name, SeamKind::SleeveSeam->value, null, null, Given::TRACE, $edge, ['underarm', 'elbow'], 'underarm');
        }

        return [new Step(
            given: $given,
            id: "sew-{$name}",
            kind: StepKind::Sew,
            short: "At the {$level->facts->level->onPaper()} sew the side seams {$given->saying->length($edge)} {$how}".self::widths($given, $allowance, $edge).'.',
            how: [
                match ($level->facts->level) {
                    Level::Bust => 'In full at the underarm, running out to the seam line at the waist notch; nothing is drawn.'.($sleeves === [] ? '' : ' The sleeve\'s seam the same at its underarm, running out at the elbow.'),
                    Level::Waist => 'Running out to the seam line at the underarm and at the hip notch; nothing is drawn.',
                    Level::Hip => 'From the waist notch on, and in full from the hip down to the hem; nothing is drawn.',
                },
                ...array_map(static fn (array $one): string => "The {$one['kind']} seams the same.", $also),
            ],
            code: 'sew',
            params: ['level' => $name],
            needs: array_values(array_unique([Given::TRACE, ...$steps])),
            applied: [...$applied, ...OtherEdges::sewn($given, $level->facts->level, $between)],
        )];
    }

    /** Both figures, where a tape shows them apart; no cloth lies beyond the edge. */
    public static function widths(Given $given, ?Length $allowance, Length $edge): string
    {
        if ($allowance === null) {
            return '';
        }
        $usual = $given->saying->length($allowance);
        $now = $allowance->minus($edge);
        if (! $now->isPositive()) {
            return ": more than the allowance of {$usual} holds";
        }

        return $given->saying->length($now) === $usual ? '' : ": at {$given->saying->length($now)} instead of {$usual}";
    }

    /** @return array{string, string} the notches above and below */
    private static function between(Level $level): array
    {
        return match ($level) {
            Level::Bust => ['underarm', 'waist'],
            Level::Waist => ['underarm', 'hip'],
            Level::Hip => ['waist', 'hem'],
        };
    }
}
