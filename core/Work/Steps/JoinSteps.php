<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Joins;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSeam;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\LevelPlan;
use Underbolt\Seam\Gap;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Work\Facts\MakePieces;

/** What is sewn on to a changed edge without a side seam of its own: it gets what the edge gets, at each side notch, never at its end. */
final readonly class JoinSteps
{
    private function __construct(private Given $given)
    {
    }

    /** @return list<Step> */
    public static function of(Given $given): array
    {
        $self = new self($given);
        $steps = [];
        foreach ($given->pieces->all as $piece) {
            $step = match (true) {
                $piece->has(SeamKind::Side) => $self->belowHip($piece),
                $piece->has(SeamKind::Waist) => $self->along($piece, $piece->seam(SeamKind::Waist), Level::Waist),
                $piece->layer->isStrip() && $piece->has(SeamKind::Hem) && $piece->side === PieceSide::Both => $self->along($piece, $piece->seam(SeamKind::Hem), Level::Hip),
                default => null,
            };
            $steps = $step === null ? $steps : [...$steps, $step];
        }

        return $steps;
    }

    private function along(Piece $piece, ?PieceSeam $seam, Level $near): ?Step
    {
        $at = $seam->at->level ?? $near;
        $facts = $this->given->plan->situation->onLine()[$at->value] ?? null;
        if ($seam === null || $facts === null || ! $this->given->plan->isOnLine($at) || $piece->layer === Layer::Other) {
            return null;
        }
        $edges = [];
        foreach (Given::SIDES as $side) {
            if (MakePieces::isOf($piece, $side)) {
                $edges[$side->value] = $this->edge($facts, $at, $side);
            }
        }
        $whole = array_reduce($edges, static fn (Length $sum, Length $edge): Length => $sum->plus($edge), Length::zero());
        $isUnlike = $this->given->own(PieceSide::Front, $at) !== $this->given->own(PieceSide::Back, $at) && $piece->side === PieceSide::Both;
        if (! $this->given->plan->make->canBeDone($whole) && ! $isUnlike) {
            return null;
        }
        $level = $this->given->plan->at($at);
        if ($seam->joins->takesUp()) {
            return $this->takenUp($piece, $seam, $level, $at);
        }
        $own = $this->given->cutIn($at);
        $applied = array_map(
            static fn (string $side, Length $edge): Applied => Applied::drawn($piece->name, PieceSide::from($side), $at, $own, $edge, Applied::SIDE_NOTCH),
            array_keys($edges),
            array_values($edges),
        );
        $says = $this->given->plan->make->canBeDone($whole)
            ? "cut it {$this->given->saying->length($whole)} ".($whole->isPositive() ? 'longer' : 'shorter').' at each side notch, as the edge that it is sewn to'
            : 'its length stays';

        return new Step(
            given: $this->given,
            id: self::id($piece),
            kind: StepKind::Join,
            short: ucfirst($piece->name).": {$says}.",
            how: ['Nothing at its ends; notches move with it.', ...($isUnlike ? [$this->notch($piece, $edges[PieceSide::Front->value] ?? Length::zero())] : [])],
            code: 'join',
            params: ['level' => $at->value],
            needs: [Given::TRACE],
            applied: $applied,
        );
    }

    /** Front and back are unlike: the notch stands at the front's share. */
    private function notch(Piece $piece, Length $front): string
    {
        return $this->given->plan->make->canBeDone($front)
            ? "Of {$piece->name} the side notch stands {$this->given->saying->length($front)} ".($front->isPositive() ? 'further from' : 'nearer to').' the front\'s middle, as front and back are unlike.'
            : 'Its side notch stays where it is, though front and back are unlike.';
    }

    private static function id(Piece $piece): string
    {
        return 'join-'.strtolower(str_replace(' ', '-', $piece->name));
    }

    /** Gathered and eased edges take a change by themselves; a band that is stretched on is cut in the proportion of its edge. */
    private function takenUp(Piece $piece, PieceSeam $seam, ?LevelPlan $level, Level $at): Step
    {
        $new = $level?->asCut;
        $old = $level === null ? null : $new?->minus($level->changed);
        $isBand = $piece->layer->isStrip() && $seam->joins === Joins::Stretched && $new !== null && $old !== null;

        return new Step(
            given: $this->given,
            id: self::id($piece),
            kind: StepKind::Join,
            short: ucfirst($piece->name).($isBand
                ? ": its printed length times {$this->given->saying->length($new)} by {$this->given->saying->length($old)}, as the {$at->value} edge that it is stretched on to."
                : ": takes the change of the {$at->value} edge up by itself, {$seam->joins->value} on to it."),
            code: $isBand ? 'join.stretched' : 'join.takes_up',
            needs: [Given::TRACE],
            pieces: [$piece->name],
        );
    }

    /** A hem facing has side seams below the last level: they go on as the line does there. */
    private function belowHip(Piece $piece): ?Step
    {
        $levels = $this->given->levels;
        $last = end($levels);
        if ($last === false || ! $piece->reach->isBelowHip()) {
            return null;
        }
        $said = $applied = [];
        foreach (array_filter(Given::SIDES, static fn (PieceSide $side): bool => MakePieces::isOf($piece, $side)) as $side) {
            $move = $this->given->drawn($side, $last);
            if ($this->given->plan->make->canBeDone($move)) {
                $said[$this->given->saying->move($move)][] = $side->value;
                $applied[] = new Applied(piece: $piece->name, edge: Applied::SIDE, side: $side, level: null, stretch: 'hem', isSewn: false, line: $this->given->own($side, $last), step: null, amount: $move);
            }
        }
        $moves = array_map(static fn (string $move, array $sides): string => (count($sides) > 1 ? 'each edge ' : "{$sides[0]} edge ").$move, array_keys($said), array_values($said));

        return $applied === [] ? null : new Step(
            given: $this->given,
            id: self::id($piece),
            kind: StepKind::Join,
            short: ucfirst($piece->name).': its side edges go on as the garment\'s do at the hem: '.implode(', ', $moves).'.',
            how: ['Lay it on the new outer and trace, if in doubt.'],
            code: 'join.hem',
            params: [],
            needs: [Given::TRACE],
            applied: $applied,
        );
    }

    /** What a side edge gets, drawn and sewn, counted from the line that a band is cut in. */
    private function edge(LevelFacts $facts, Level $at, PieceSide $side): Length
    {
        $given = $this->given;
        $level = $given->plan->at($at);
        $gap = Gap::nanometres($facts, $given->cutIn($at), $given->own($side, $at)) ?? 0.0;
        $drawn = Length::ofNanometres((int) round($gap))->plus($given->drawn($side, $at))->plus($given->spread($side, $at));

        $sewn = $level?->taken->take === Take::Sew ? $level->taken->perEdge ?? Length::zero() : Length::zero();

        return $given->plan->make->canBeDone($sewn) ? $drawn->minus($sewn) : $drawn;
    }
}
