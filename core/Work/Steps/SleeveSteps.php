<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Told\SleeveEdge;

/** What the sleeve gets: its halves where front and back are unlike, room round the arm, and what the underarm was moved by. */
final readonly class SleeveSteps
{
    /** @param  list<Piece>  $sleeves */
    private function __construct(private Given $given, private array $sleeves)
    {
    }

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        $self = new self($given, $given->pieces->sleeves());

        return [...$self->halves(), ...$self->underarm(), ...$self->width()];
    }

    /** @return list<SleeveEdge> what all these steps make of its two edges; none where they leave both */
    public static function edges(Given $given): array
    {
        $self = new self($given, $given->pieces->sleeves());
        $edges = [];
        foreach (Given::SIDES as $side) {
            $drawn = $self->sleeves === [] ? Length::zero() : $self->drawn($side);
            $edges[] = new SleeveEdge($side, $given->sizes($side)->bust ?? $given->frame(), $drawn->plus($self->letOut() ?? Length::zero()));
        }

        return array_filter($edges, static fn (SleeveEdge $edge): bool => $given->plan->make->canBeDone($edge->move)) === [] ? [] : $edges;
    }

    /** @return list<Step> */
    private function halves(): array
    {
        [$front, $back] = [$this->given->sizes(PieceSide::Front)->bust, $this->given->sizes(PieceSide::Back)->bust];
        if ($this->sleeves === [] || $front === null || $back === null || $front === $back) {
            return [];
        }
        $plan = $this->given->plan;

        return [new Step(
            id: 'sleeve-halves',
            kind: StepKind::Sleeve,
            short: "Sleeve: its front half runs from the head's top to {$plan->lineOf($front)} at the underarm, its back half to {$plan->lineOf($back)}, and so down.",
            how: ["The head's top stays on {$plan->lineOf($this->given->frame())}."],
            code: 'sleeve.halves',
            params: ['front' => $plan->nameOf($front), 'back' => $plan->nameOf($back)],
            needs: [Given::TRACE],
            pieces: MakePieces::names($this->sleeves),
        )];
    }

    /** @return list<Step> the armhole keeps its length when it is pivoted or slashed; drawn outward it doesn't */
    private function underarm(): array
    {
        if ($this->sleeves === []) {
            return [];
        }
        $amounts = $applied = [];
        foreach (Given::SIDES as $side) {
            $move = $this->drawn($side);
            if ($this->given->plan->make->canBeDone($move)) {
                $amounts[] = new StepAmount('underarm', 'sleeve', "{$side->value} edge of the sleeve seam", $move, 2);
                array_push($applied, ...array_map(static fn (Piece $piece): Applied => Applied::further($piece->name, SeamKind::SleeveSeam->value, $side, null, Given::TRACE, $move, 'underarm'), $this->sleeves));
            }
        }
        $said = array_map(fn (StepAmount $one): string => "{$one->edge} {$this->given->saying->move($one->amount)}", $amounts);

        return $amounts === [] ? [] : [new Step(
            id: 'sleeve-underarm',
            kind: StepKind::Sleeve,
            short: 'Sleeve: the underarm of its seam goes with the side seam\'s: '.implode(', ', $said).'.',
            how: ['Running out to nothing at the wrist; walk the head against the armhole.'],
            code: 'sleeve.underarm',
            params: [],
            needs: [Given::TRACE],
            amounts: $amounts,
            applied: $applied,
        )];
    }

    /** What is drawn at the underarm of a side beside an adjustment that keeps the armhole's length. */
    private function drawn(PieceSide $side): Length
    {
        $plan = $this->given->plan;
        $change = $plan->at(Level::Bust)->change ?? null;
        if ($change === null) {
            return Length::zero();
        }
        $kept = $this->given->isPivoted() || $this->given->isSlashed() ? $plan->bust?->atEdges() : null;
        [$all, $swung] = $side === PieceSide::Front ? [$change->front, $kept?->front] : [$change->back, $kept?->back];

        // What a pivot swings is all that its mark holds.
        return $this->given->isPivoted() ? Length::zero() : $all->minus($swung ?? Length::zero());
    }

    /** @return list<Step> */
    private function width(): array
    {
        $edge = $this->letOut();
        if ($edge === null) {
            return [];
        }
        $names = $this->sleeves === [] ? ['sleeve'] : MakePieces::names($this->sleeves);

        return [new Step(
            id: 'sleeve-width',
            kind: StepKind::Sleeve,
            short: "Let the sleeve out at the upper arm: {$this->given->saying->length($edge)} at each of its two edges.",
            how: [
                'Pin at the head\'s top on the stitching line, swing out to the mark at the underarm and trace the head; pin at the underarm on the stitching line, swing towards the wrist mark and trace the edge. The wrist mark is where it aims at, not where it is pinned.',
                'Repeat on the other edge; the head keeps its length, so it still fits the armhole.',
            ],
            code: 'sleeve.width',
            params: [],
            needs: [Given::TRACE],
            amounts: [new StepAmount('upper arm', implode(', ', $names), 'each edge', $edge, 2)],
            applied: $this->sleeves === [] ? [] : array_map(static fn (string $name): Applied => Applied::further($name, SeamKind::SleeveSeam->value, null, null, Given::TRACE, $edge, 'bicep'), $names),
        )];
    }

    /** At each of its two edges, for room round the arm; null where it has enough. */
    private function letOut(): ?Length
    {
        $sleeve = $this->given->plan->sleeve;
        $edge = $sleeve?->isNarrow() === true ? $sleeve->perEdge : null;

        return $edge !== null && $this->given->plan->make->canBeDone($edge) ? $edge : null;
    }
}
