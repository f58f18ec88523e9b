<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingFinding;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
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

    /**
     * Those that move the underarm stand before the side is drawn: it is drawn from the new one.
     *
     * @return array{list<Step>, list<Step>} those, and all others
     */
    public static function of(Given $given): array
    {
        $self = new self($given);
        $ids = [];
        $steps = [[], []];
        foreach ($given->plan->make->found->apart as $finding) {
            $id = 'finding-'.str_replace([' ', '_'], '-', $finding->kind())."-{$finding->tracing}";
            $ids[$id] = ($ids[$id] ?? 0) + 1;
            $steps[self::movesUnderarm($finding) ? 0 : 1][] = $self->step($finding, $ids[$id] > 1 ? "{$id}-{$ids[$id]}" : $id);
        }

        return $steps;
    }

    private static function movesUnderarm(FittingFinding $finding): bool
    {
        return $finding->place === FittingPlace::Armhole && in_array($finding->deed, [Alteration::Raise, Alteration::Lower], true);
    }

    private function step(FittingFinding $finding, string $id): Step
    {
        $amount = $this->given->saying->length($finding->amount);
        $note = $finding->note === '' ? '' : ' ('.rtrim($finding->note, '. ').')';
        $pieces = $finding->pieces !== [] ? $finding->pieces : MakePieces::names(TouchedPieces::byFinding($finding->place, $finding->part, $this->given->pieces->all));
        $isSewn = in_array($finding->deed, [Alteration::Narrower, Alteration::Wider], true);
        $applied = $isSewn ? $this->sewn($finding) : $this->edges($finding, $pieces);
        $widths = $isSewn ? SewSteps::widths($this->given, $this->given->plan->make->pattern->seam->seamAllowance, $finding->sewn() ?? Length::zero()) : '';

        return new Step(
            given: $this->given,
            id: $id,
            kind: StepKind::Finding,
            short: "Tracing {$finding->tracing}: {$finding->deed->told($finding->place, $amount)}, {$finding->part->words()}{$note}{$widths}.",
            how: [$this->how($finding)],
            code: "finding.{$finding->place->value}.{$finding->deed->value}",
            params: ['tracing' => $finding->tracing],
            needs: array_values(array_unique([Given::TRACE, ...array_filter(array_map(static fn (Applied $one): ?string => $one->step, $applied), static fn (?string $step): bool => $step !== null)])),
            applied: $applied,
            pieces: $pieces,
        );
    }

    /**
     * An armhole that is raised begins the side seam higher; everything else is told at its place, on the pieces that it is done on.
     *
     * @param  list<string>  $pieces
     * @return list<Applied>
     */
    private function edges(FittingFinding $finding, array $pieces): array
    {
        $isLess = in_array($finding->deed, [Alteration::Take, Alteration::Shorten, Alteration::Lower], true);
        $amount = $isLess ? $finding->amount->negated() : $finding->amount;
        $isUp = in_array($finding->deed, [Alteration::Raise, Alteration::Lower], true);
        if (! self::movesUnderarm($finding)) {
            $edge = in_array($finding->deed, [Alteration::Lengthen, Alteration::Shorten], true) ? Applied::ACROSS : $finding->place->value;
            $side = $finding->part === FrontOrBack::Both ? null : PieceSide::from($finding->part->value);

            return array_map(static fn (string $piece): Applied => new Applied(piece: $piece, edge: $edge, side: $side, level: null, stretch: $finding->place->value, isSewn: false, line: null, step: Given::TRACE, amount: $amount, isUp: $isUp, per: 1), $pieces === [] ? [$finding->part->words()] : $pieces);
        }
        $applied = [];
        foreach (Given::SIDES as $side) {
            foreach ($finding->part->isOn($side) ? $this->given->pieces->having(SeamKind::Armhole, $side) : [] as $piece) {
                $applied[] = new Applied(piece: $piece->name, edge: SeamKind::Armhole->value, side: $side, level: Level::Bust, stretch: null, isSewn: false, line: null, step: Given::TRACE, amount: $amount, isUp: true);
            }
        }

        return $applied;
    }

    /** @return list<Applied> on both edges of the seam, left and right, at every level that it passes */
    private function sewn(FittingFinding $finding): array
    {
        $move = $finding->sewn() ?? Length::zero();
        $isPrincess = $finding->place === FittingPlace::Princess;
        $applied = [];
        foreach ($isPrincess ? $this->given->levels : array_filter($finding->place->levels(), fn (Level $level): bool => $this->given->plan->isOnLine($level)) as $level) {
            foreach (Given::SIDES as $side) {
                if ($isPrincess) {
                    foreach ($finding->part->isOn($side) ? $this->given->pieces->having(SeamKind::Princess, $side) : [] as $piece) {
                        if ($piece->reach->holds($level)) {
                            $applied[] = Applied::sewn($piece->name, SeamKind::Princess->value, $side, $level, Given::TRACE, $move, ['above', 'below']);
                        }
                    }

                    continue;
                }
                foreach ($this->given->pieces->atSide($level, $side) as $piece) {
                    $applied[] = Applied::sewn($piece->name, Applied::SIDE, $side, $level, $this->given->lastDrawnIn($piece, $side, $level), $move, ['above', 'below']);
                }
            }
        }

        return $applied;
    }

    /** What becomes of the side seam where one part alone is made longer or shorter. */
    private function meeting(FittingFinding $finding): string
    {
        [$own, $other] = $finding->part === FrontOrBack::Front ? ['front', 'back'] : ['back', 'front'];
        [$amount, $isLonger] = [$this->given->saying->length($finding->amount), $finding->deed === Alteration::Lengthen];
        $than = $isLonger ? 'longer' : 'shorter';
        if ($finding->place->levels() === []) {
            return ", running out to nothing where the other part stays; true the seams. The seam meets one that is not changed: ease {$amount} in, or give the other the same.";
        }
        $eased = $isLonger ? "the {$own}'s seam" : "the {$other}'s seam";

        return ", running out to nothing at the side seam: front and back meet as before. Where it goes all the way across, the {$own} is {$amount} {$than} there than the {$other}: ease {$amount} of {$eased} in between two notches, or ".($isLonger ? 'lengthen' : 'shorten')." the {$other} by {$amount} as well.";
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
            $isLength => ($deed === Alteration::Lengthen ? 'Cut across square to the grain and spread' : 'Fold across square to the grain').' by the amount'.($isOneSided ? $this->meeting($finding) : '; true the seams.'),
            $finding->place === FittingPlace::Armhole => 'Redraw the underarm by the amount, running into the armhole at its notches; the side seam begins there.'.($this->given->pieces->sleeves() === [] ? '' : ' The sleeve\'s underarm goes with it: walk the head against the armhole.'),
            $finding->place === FittingPlace::Neck => 'Redraw the neckline by the amount at its middle, running out to nothing at the shoulder; trace facing, band or collar anew from it.',
            $finding->place === FittingPlace::Shoulder => 'Move the shoulder point by the amount, running out to nothing at the neck; the armhole keeps its shape'.($this->given->pieces->sleeves() === [] ? '.' : ', and the sleeve its notch.'),
            $finding->place === FittingPlace::Sleeve => 'Half at each of its two edges, running out to nothing at the wrist; walk the head against the armhole.',
            $finding->place === FittingPlace::Back => 'At the centre back, running out to nothing at the next level; lining and facing the same.',
            $finding->place === FittingPlace::Hem => 'Redraw the edge on that part alone, running out to nothing at the side seams.',
            default => 'On a fresh tracing: true the seams that it ends in, and walk them against what joins there.',
        };
    }
}
