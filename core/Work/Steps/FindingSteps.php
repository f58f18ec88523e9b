<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Facts\TouchedPieces;

/** What a fitting found that is neither in the line nor in a length: each a step of its own, on the pieces that have the seam. */
final readonly class FindingSteps
{
    private function __construct(private Given $given)
    {
    }

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        $self = new self($given);
        $ids = [];
        $steps = [];
        foreach ($given->plan->make->found->apart as $finding) {
            $id = 'finding-'.str_replace([' ', '_'], '-', $finding->kind())."-{$finding->tracing}";
            $ids[$id] = ($ids[$id] ?? 0) + 1;
            $steps[] = $self->step($finding, $ids[$id] > 1 ? "{$id}-{$ids[$id]}" : $id);
        }

        return $steps;
    }

    private function step(FittingFinding $finding, string $id): Step
    {
        $amount = $this->given->saying->length($finding->amount);
        $note = $finding->note === '' ? '' : ' ('.rtrim($finding->note, '. ').')';
        $pieces = $finding->pieces !== [] ? $finding->pieces : MakePieces::names(TouchedPieces::byFinding($finding->place, $finding->part, $this->given->pieces->all));
        $signed = in_array($finding->deed, [Alteration::Take, Alteration::Shorten, Alteration::Wider, Alteration::Lower], true) ? $finding->amount->negated() : $finding->amount;
        // A seam that is sewn otherwise is so on both of its edges, left and right.
        $isSewn = in_array($finding->deed, [Alteration::Narrower, Alteration::Wider], true);

        return new Step(
            id: $id,
            kind: StepKind::Finding,
            short: "Tracing {$finding->tracing}: {$finding->deed->told($finding->place, $amount)}, {$finding->part->words()}{$note}.",
            how: [$this->how($finding)],
            code: "finding.{$finding->place->value}.{$finding->deed->value}",
            params: ['tracing' => $finding->tracing],
            needs: [Given::TRACE],
            amounts: [new StepAmount($finding->place->words(), $pieces === [] ? $finding->part->words() : implode(', ', $pieces), $isSewn ? 'each edge' : (in_array($finding->deed, [Alteration::Lengthen, Alteration::Shorten], true) ? StepAmount::ACROSS : 'the edge'), $signed, $isSewn ? 4 : 1, in_array($finding->deed, [Alteration::Raise, Alteration::Lower], true))],
            applied: $isSewn ? $this->sewn($finding) : $this->edges($finding),
            pieces: $pieces,
        );
    }

    /** @return list<Applied> an armhole that is raised begins the side seam higher */
    private function edges(FittingFinding $finding): array
    {
        if ($finding->place !== FittingPlace::Armhole || ! in_array($finding->deed, [Alteration::Raise, Alteration::Lower], true)) {
            return [];
        }
        $up = $finding->deed === Alteration::Raise ? $finding->amount : $finding->amount->negated();
        $applied = [];
        foreach (Given::SIDES as $side) {
            $isMeant = $side === PieceSide::Front ? $finding->part->isFront() : $finding->part->isBack();
            foreach ($isMeant ? $this->given->pieces->having(SeamKind::Armhole, $side) : [] as $piece) {
                $applied[] = new Applied(piece: $piece->name, edge: SeamKind::Armhole->value, side: $side, level: Level::Bust, stretch: null, isSewn: false, line: null, step: $this->given->lastDrawnIn($side, Level::Bust), amount: $up, isUp: true);
            }
        }

        return $applied;
    }

    /** @return list<Applied> */
    private function sewn(FittingFinding $finding): array
    {
        $move = $finding->deed === Alteration::Narrower ? $finding->amount : $finding->amount->negated();
        $applied = [];
        foreach ($finding->place->levels() as $level) {
            foreach (Given::SIDES as $side) {
                array_push($applied, ...array_map(
                    fn (Piece $piece): Applied => Applied::sewn($piece->name, Applied::SIDE, $side, $level, $this->given->lastDrawnIn($side, $level), $move, ['above', 'below']),
                    $this->given->plan->at($level) === null ? [] : $this->given->pieces->atSide($level, $side),
                ));
            }
        }

        return $applied;
    }

    /** Common practice, no published source. */
    private function how(FittingFinding $finding): string
    {
        $deed = $finding->deed;
        $isLength = in_array($deed, [Alteration::Lengthen, Alteration::Shorten], true);
        $isOneSided = $finding->part !== FrontOrBack::Both;

        return match (true) {
            $deed === Alteration::Narrower => 'Nothing is drawn: sew that much nearer the edge between the two notches, running back to the seam line beyond them.',
            $deed === Alteration::Wider => 'Nothing is drawn: sew that much deeper between the two notches, running back to the seam line beyond them.',
            $isLength => ($deed === Alteration::Lengthen ? 'Cut across square to the grain and spread' : 'Fold across square to the grain').' by the amount, running out to nothing where the other part stays; true the seams.'
                .($isOneSided ? ' The seam meets one that is not changed: ease the longer in, or give the other the same.' : ''),
            $finding->place === FittingPlace::Armhole => 'Redraw the underarm by the amount, running into the armhole at its notches; the side seam begins there. The sleeve\'s underarm goes with it: walk the head against the armhole.',
            $finding->place === FittingPlace::Neck => 'Redraw the neckline by the amount at its middle, running out to nothing at the shoulder; trace facing, band or collar anew from it.',
            $finding->place === FittingPlace::Shoulder => 'Move the shoulder point by the amount, running out to nothing at the neck; the armhole keeps its shape, and the sleeve its notch.',
            $finding->place === FittingPlace::Sleeve => 'Half at each of its two edges, running out to nothing at the wrist; walk the head against the armhole.',
            $finding->place === FittingPlace::Back => 'At the centre back, running out to nothing at the next level; lining and facing the same.',
            $finding->place === FittingPlace::Hem => 'Redraw the edge on that part alone, running out to nothing at the side seams.',
            default => 'On a fresh tracing: true the seams that it ends in, and walk them against what joins there.',
        };
    }
}
