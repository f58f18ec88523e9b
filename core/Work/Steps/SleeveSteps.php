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
    private const HALVES = 'sleeve-halves';

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

    /** The step that what is drawn on a sleeve counts from: its halves, where they are of two sizes. */
    private function before(): string
    {
        return $this->hasHalves() ? self::HALVES : Given::TRACE;
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
        if (! $this->hasHalves()) {
            return [];
        }
        [$front, $back] = [$this->given->own(PieceSide::Front, Level::Bust), $this->given->own(PieceSide::Back, Level::Bust)];
        $plan = $this->given->plan;

        return [new Step(
            given: $this->given,
            id: self::HALVES,
            kind: StepKind::Sleeve,
            short: "Sleeve: its front half runs from the head's top to {$plan->lineOf($front)} at the underarm, its back half to {$plan->lineOf($back)}, and so down.",
            how: ["The head's top stays on {$plan->lineOf($this->given->frame())}."],
            code: 'sleeve.halves',
            params: ['front' => $plan->nameOf($front), 'back' => $plan->nameOf($back)],
            needs: [Given::TRACE],
            applied: array_merge([], ...array_map(static fn (Piece $piece): array => [
                Applied::followed($piece->name, SeamKind::SleeveSeam->value, PieceSide::Front, 'underarm', $front),
                Applied::followed($piece->name, SeamKind::SleeveSeam->value, PieceSide::Back, 'underarm', $back),
            ], $this->sleeves)),
        )];
    }

    private function hasHalves(): bool
    {
        $sizes = [$this->given->sizes(PieceSide::Front)->bust, $this->given->sizes(PieceSide::Back)->bust];

        return $this->sleeves !== [] && ! in_array(null, $sizes, true) && $sizes[0] !== $sizes[1];
    }

    /** @return list<Step> the armhole keeps its length when it is pivoted or slashed; drawn outward it doesn't */
    private function underarm(): array
    {
        if ($this->sleeves === []) {
            return [];
        }
        $moves = $applied = [];
        foreach (Given::SIDES as $side) {
            $move = $this->drawn($side);
            if ($this->given->plan->make->canBeDone($move)) {
                $moves[] = "{$side->value} edge {$this->given->saying->move($move)}";
                array_push($applied, ...array_map(fn (Piece $piece): Applied => Applied::further($piece->name, SeamKind::SleeveSeam->value, $side, null, $this->before(), $move, 'underarm'), $this->sleeves));
            }
        }

        return $moves === [] ? [] : [new Step(
            given: $this->given,
            id: 'sleeve-underarm',
            kind: StepKind::Sleeve,
            short: 'Sleeve: the underarm of its seam goes with the side seam\'s: '.implode(', ', $moves).'.',
            how: ["Running out to nothing at the lower end of the seam{$this->lowerEnds()}; walk the head against the armhole."],
            code: 'sleeve.underarm',
            params: [],
            needs: array_values(array_unique([Given::TRACE, $this->before()])),
            applied: $applied,
        )];
    }

    /** What is drawn at the underarm of a side beside an adjustment that keeps the armhole's length. */
    private function drawn(PieceSide $side): Length
    {
        // What a pivot swings is all that its mark holds; what slashing spreads keeps the armhole as well.
        return $this->given->isPivoted() || ! $this->given->plan->isOnLine(Level::Bust) ? Length::zero() : $this->given->drawn($side, Level::Bust);
    }

    /** @return list<Step> */
    private function width(): array
    {
        $edge = $this->letOut();
        // Listed pieces without a sleeve have none.
        if ($edge === null || ($this->sleeves === [] && $this->given->pieces->areListed)) {
            return [];
        }
        $names = $this->sleeves === [] ? ['sleeve'] : MakePieces::names($this->sleeves);

        return [new Step(
            given: $this->given,
            id: 'sleeve-width',
            kind: StepKind::Sleeve,
            short: "Let the sleeve out at the upper arm: {$this->given->saying->length($edge)} at each of its two edges.",
            how: [
                "Pin at the head's top on the stitching line, swing out to the mark at the underarm and trace the head; pin at the underarm on the stitching line, swing towards the lower end of the seam{$this->lowerEnds()} and trace the edge. That end is where it aims at, not where it is pinned.",
                'Repeat on the other edge; the head keeps its length, so it still fits the armhole.',
            ],
            code: 'sleeve.width',
            params: [],
            needs: array_values(array_unique([Given::TRACE, $this->before()])),
            applied: array_map(fn (string $name): Applied => Applied::further($name, SeamKind::SleeveSeam->value, null, null, $this->before(), $edge, 'bicep'), $names),
        )];
    }

    /** Which line the sleeve's own lower end lies on. */
    private function lowerEnds(): string
    {
        $line = fn (PieceSide $side): string => $this->given->plan->lineOf($this->given->sizes($side)->bust ?? $this->given->frame());

        return $this->hasHalves() ? ", in front on {$line(PieceSide::Front)}, at the back on {$line(PieceSide::Back)}," : " on {$line(PieceSide::Front)}";
    }

    /** At each of its two edges, for room round the arm; null where it has enough. */
    private function letOut(): ?Length
    {
        $sleeve = $this->given->plan->sleeve;
        $edge = $sleeve?->isNarrow() === true ? $sleeve->perEdge : null;

        return $edge !== null && $this->given->plan->make->canBeDone($edge) ? $edge : null;
    }
}
