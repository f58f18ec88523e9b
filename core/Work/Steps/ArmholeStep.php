<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;

/** Shoulder and neck stay one size; where front and back are unlike the armhole runs out from there to each body's own underarm. */
final class ArmholeStep
{
    /** @return list<Step> */
    public static function of(Given $given): array
    {
        [$front, $back] = [$given->sizes(PieceSide::Front)->bust, $given->sizes(PieceSide::Back)->bust];
        $pieces = $given->pieces->having(SeamKind::Armhole);
        if ($front === null || $back === null || $front === $back || $pieces === []) {
            return [];
        }
        $plan = $given->plan;
        $frame = $plan->lineOf($given->frame());

        return [new Step(
            given: $given,
            id: 'armhole',
            kind: StepKind::Armhole,
            short: "Draw the armhole anew, front and back: from the shoulder end on {$frame} to each piece's own underarm, {$plan->lineOf($front)} in front and {$plan->lineOf($back)} at the back.",
            how: ["Shoulder and neck stay on {$frame}."],
            code: 'armhole',
            params: ['front' => $plan->nameOf($front), 'back' => $plan->nameOf($back)],
            needs: [Given::TRACE],
            applied: self::applied($given),
            pieces: MakePieces::names($pieces),
        )];
    }

    /** @return list<Applied> the armhole ends on each piece's own underarm: on a line of its size */
    private static function applied(Given $given): array
    {
        $applied = [];
        foreach (Given::SIDES as $side) {
            foreach ($given->pieces->having(SeamKind::Armhole, $side) as $piece) {
                if ($piece->reach->holds(Level::Bust)) {
                    $applied[] = Applied::drawn($piece->name, $side, Level::Bust, $given->own($side, Level::Bust), Length::zero(), SeamKind::Armhole->value);
                }
            }
        }

        return $applied;
    }
}
