<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\WorkStep;
use Underbolt\Measure\Length;

/** Findings that are neither in the line nor in a length: each a step of its own, on the pieces that join there. */
final class FoundSteps
{
    /**
     * @param  list<FittingFinding>  $findings
     * @param  callable(Length): string  $say
     * @return list<WorkStep>
     */
    public static function of(array $findings, callable $say): array
    {
        $apart = array_filter($findings, static fn (FittingFinding $finding): bool => ! FoundEdges::isInLine($finding) && FoundLengths::keyOf($finding) === null);

        return array_map(static fn (FittingFinding $finding): WorkStep => self::step($finding, $say), array_values($apart));
    }

    /** @param  callable(Length): string  $say */
    private static function step(FittingFinding $finding, callable $say): WorkStep
    {
        $note = $finding->note === '' ? '' : ' ('.rtrim($finding->note, '. ').')';

        return new WorkStep(
            kind: 'found',
            text: "Tracing {$finding->tracing}: {$finding->deed->told($finding->place, $say($finding->amount))}, {$finding->part->words()}{$note}.",
            amount: $finding->amount,
            pieces: $finding->pieces,
            how: [self::how($finding)],
            mark: "{$finding->kind()} {$finding->tracing}",
        );
    }

    /** Common practice, no published source. */
    private static function how(FittingFinding $finding): string
    {
        $deed = $finding->deed;
        $isLength = in_array($deed, [Alteration::Lengthen, Alteration::Shorten], true);

        return match (true) {
            $deed === Alteration::Narrower => 'Nothing is drawn: sew that much nearer the edge between the two notches, running back to the seam line beyond them.',
            $isLength => ($deed === Alteration::Lengthen ? 'Cut across square to the grain and spread' : 'Fold across square to the grain').' by the amount, running out to nothing where the other part stays; true the seams.',
            $finding->place === FittingPlace::Armhole => 'Redraw the underarm by the amount, running into the armhole at its notches; the sleeve\'s underarm goes with it. Walk the cap against the armhole.',
            $finding->place === FittingPlace::Neck => 'Redraw the neckline by the amount at its middle, running out to nothing at the shoulder; trace facing, band or collar anew from it.',
            $finding->place === FittingPlace::Shoulder => 'Move the shoulder point by the amount, running out to nothing at the neck; the armhole keeps its shape, and the sleeve its notch.',
            $finding->place === FittingPlace::Sleeve => 'Half at each of its two edges, running out to nothing at the wrist; walk the cap against the armhole.',
            $finding->place === FittingPlace::Back => 'At the centre back, running out to nothing at the next level; lining and facing the same.',
            $finding->place === FittingPlace::Hem => 'Redraw the edge on that part alone, running out to nothing at the side seams.',
            default => 'On a fresh tracing: true the seams that it ends in, and walk them against what joins there.',
        };
    }
}
