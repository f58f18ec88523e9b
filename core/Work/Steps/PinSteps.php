<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\PlainWords;

/** Pieces that make one shape are pinned together before it is changed. */
final class PinSteps
{
    /**
     * @param  list<Step>  $work  what is done afterwards
     * @return list<Step> one for each shape that something is done on
     */
    public static function of(Given $given, array $work): array
    {
        $changed = array_merge([], ...array_map(static fn (Step $step): array => $step->kind === StepKind::Trace ? [] : $step->pieces(), $work));
        $steps = [];
        foreach ($given->pieces->shapes() as $shape => $names) {
            if (array_intersect($names, $changed) !== []) {
                $steps[] = new Step(
                    given: $given,
                    id: 'pin-'.str_replace(' ', '-', PlainWords::plain($shape)),
                    kind: StepKind::Pin,
                    short: 'Pin '.implode(' and ', $names)." together on their stitching lines: they make the {$shape}, and are changed as one.",
                    code: 'pin',
                    params: ['shape' => $shape],
                    needs: [Given::TRACE],
                    pieces: $names,
                );
            }
        }

        return $steps;
    }
}
