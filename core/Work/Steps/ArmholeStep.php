<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

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
            id: 'armhole',
            kind: StepKind::Armhole,
            short: "Draw the armhole anew, front and back: from the shoulder end on {$frame} to each piece's own underarm, {$plan->lineOf($front)} in front and {$plan->lineOf($back)} at the back.",
            how: ["Shoulder and neck stay on {$frame}. A facing of the armhole gets the same."],
            code: 'armhole',
            params: ['front' => $plan->nameOf($front), 'back' => $plan->nameOf($back)],
            needs: [Given::TRACE],
            pieces: MakePieces::names($pieces),
        )];
    }
}
