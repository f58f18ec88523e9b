<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\EdgeChange;

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
        $place = $level->facts->level === Level::Bust ? 'underarm' : $name;
        $how = $edge->isPositive() ? 'nearer the edge' : 'deeper';
        $allowance = $plan->make->pattern->seam->seamAllowance;
        $between = self::between($level->facts->level);
        $others = OtherEdges::sewnAmounts($given);
        $also = array_values(array_filter($others, static fn (StepAmount $one): bool => $one->at === $name));
        $applied = [];
        foreach (Given::SIDES as $side) {
            $step = $given->lastDrawnIn($side, $level->facts->level);
            array_push($applied, ...array_map(
                static fn (Piece $piece): Applied => Applied::sewn($piece->name, Applied::SIDE, $side, $level->facts->level, $step, $edge, $between),
                $given->pieces->atSide($level->facts->level, $side),
            ));
        }

        return [new Step(
            id: "sew-{$name}",
            kind: StepKind::Sew,
            short: "At the {$place} sew the side seams {$given->saying->length($edge)} {$how}".self::widths($given, $allowance, $edge).'.',
            how: [
                "Between the notches {$between[0]} and {$between[1]}, running back to the seam line at both; nothing is drawn.",
                ...array_map(static fn (StepAmount $one): string => "The {$one->edge} seams the same.", $also),
            ],
            code: 'sew',
            params: ['level' => $name],
            needs: array_values(array_unique([Given::TRACE, ...array_map(static fn ($side): string => $given->lastDrawnIn($side, $level->facts->level), Given::SIDES)])),
            amounts: [new StepAmount($place, 'front and back', 'each edge', $edge, EdgeChange::SIDE_EDGES), ...$also],
            applied: [...$applied, ...OtherEdges::sewn($given, $level->facts->level, $between)],
        )];
    }

    /** Both figures, where a tape shows them apart; no cloth lies beyond the edge. */
    private static function widths(Given $given, ?Length $allowance, Length $edge): string
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
