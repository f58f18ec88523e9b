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

/** What is sewn on to a changed edge without a side seam of its own: it gets what the edge gets, at each side notch, never at its end. */
final readonly class JoinSteps
{
    private const SIDES_OF_A_BODY = 2;

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
        $level = $this->given->plan->at($seam->at->level ?? $near);
        if ($seam === null || $level === null || $piece->layer === Layer::Other) {
            return null;
        }
        $id = 'join-'.strtolower(str_replace(' ', '-', $piece->name));
        $name = $level->facts->level->value;
        $edges = [];
        foreach (Given::SIDES as $side) {
            if ($this->isOf($piece, $side)) {
                $edges[$side->value] = $this->edge($level, $side);
            }
        }
        $whole = array_reduce($edges, static fn (Length $sum, Length $edge): Length => $sum->plus($edge), Length::zero());
        if (! $this->given->plan->make->canBeDone($whole)) {
            return null;
        }
        if ($seam->joins->takesUp()) {
            return $this->takenUp($piece, $seam, $level, $id);
        }
        $applied = [];
        foreach ($edges as $side => $edge) {
            $applied[] = Applied::drawn($piece->name, PieceSide::from($side), $level->facts->level, $this->given->sizes(PieceSide::from($side))->at($level->facts->level) ?? $level->size, $edge, Applied::SIDE_NOTCH);
        }

        return new Step(
            id: $id,
            kind: StepKind::Join,
            short: ucfirst($piece->name).": cut it {$this->given->saying->length($whole)} ".($whole->isPositive() ? 'longer' : 'shorter').' at each side notch, as the edge that it is sewn to.',
            how: ['Nothing at its ends; notches move with it.'],
            code: 'join',
            params: ['level' => $name],
            needs: [Given::TRACE],
            amounts: [new StepAmount($name, $piece->name, StepAmount::AT_NOTCH, $whole, self::SIDES_OF_A_BODY)],
            applied: $applied,
        );
    }

    /** Gathered and eased edges take a change by themselves; a band that is stretched on is cut in the proportion of its edge. */
    private function takenUp(Piece $piece, PieceSeam $seam, LevelPlan $level, string $id): Step
    {
        $edge = $level->facts->level->value;
        [$new, $old] = [$level->asCut, $level->asCut?->minus($level->changed)];
        $isBand = $piece->layer->isStrip() && $seam->joins === Joins::Stretched && $new !== null && $old !== null;

        return new Step(
            id: $id,
            kind: StepKind::Join,
            short: ucfirst($piece->name).($isBand
                ? ": its printed length times {$this->given->saying->length($new)} by {$this->given->saying->length($old)}, as the {$edge} edge that it is stretched on to."
                : ": takes the change of the {$edge} edge up by itself, {$seam->joins->value} on to it."),
            code: $isBand ? 'join.stretched' : 'join.takes_up',
            needs: [Given::TRACE],
            pieces: [$piece->name],
        );
    }

    /** A hem facing has side seams below the last level: they go on as the line does there. */
    private function belowHip(Piece $piece): ?Step
    {
        $last = $this->given->plan->at(Level::Hip) ?? $this->given->plan->at(Level::Waist);
        if ($last === null || ! $piece->reach->isBelowHip()) {
            return null;
        }
        $sides = array_values(array_filter(Given::SIDES, fn (PieceSide $side): bool => $this->isOf($piece, $side)));
        $amounts = array_map(
            static fn (StepAmount $one): StepAmount => new StepAmount($one->at, $piece->name, $one->edge, $one->amount, $one->per),
            SideAmounts::at($this->given, $last->facts->level, 'hem', $sides),
        );
        $applied = [];
        foreach ($sides as $side) {
            $move = $this->given->told($side, $last->facts->level)->move ?? Length::zero();
            if ($this->given->plan->make->canBeDone($move)) {
                $applied[] = Applied::further($piece->name, Applied::SIDE, $side, null, Given::TRACE, $move, 'hem');
            }
        }

        return $amounts === [] ? null : new Step(
            id: 'join-'.strtolower(str_replace(' ', '-', $piece->name)),
            kind: StepKind::Join,
            short: ucfirst($piece->name).': its side edges go on as the garment\'s do at the hem: '.implode(', ', array_map(fn (StepAmount $one): string => "{$one->edge} {$this->given->saying->move($one->amount)}", $amounts)).'.',
            how: ['Lay it on the new outer and trace, if in doubt.'],
            code: 'join.hem',
            params: [],
            needs: [Given::TRACE],
            amounts: $amounts,
            applied: $applied,
        );
    }

    private function isOf(Piece $piece, PieceSide $side): bool
    {
        return $side === PieceSide::Front ? $piece->side->isFront() : $piece->side->isBack();
    }

    /** What a side edge gets at a level, drawn and sewn. */
    private function edge(LevelPlan $level, PieceSide $side): Length
    {
        $drawn = $side === PieceSide::Front ? $level->change->front : $level->change->back;

        return $level->taken->take === Take::Sew ? $drawn->minus($level->taken->perEdge ?? Length::zero()) : $drawn;
    }
}
