<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Altering\ByHand;
use Underbolt\Altering\FittingChanges;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\Cloth;
use Underbolt\Pattern\Pattern;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;

/** One wearer's measures, one pattern and the choices for it: all that a plan is made from. */
final readonly class Make
{
    /** Of the seam left and the seam right. */
    private const EDGES_OF_A_PAIR = 4;

    /**
     * @param  Unit  $unit the unit the plan's sentences speak in
     * @param  FittingChanges  $found  what its fittings found
     * @param  ?Cloth  $cloth  that it is made of, where that is known
     */
    public function __construct(
        public Unit $unit,
        public Body $body,
        public Pattern $pattern,
        public Choices $choices,
        public FittingChanges $found = new FittingChanges,
        public ?Cloth $cloth = null,
    ) {
    }

    /** The same choices for another body, or for the same one measured otherwise. */
    public function withBody(Body $body): self
    {
        return new self($this->unit, $body, $this->pattern, $this->choices, $this->found, $this->cloth);
    }

    public function withChoices(Choices $choices): self
    {
        return new self($this->unit, $this->body, $this->pattern, $choices, $this->found, $this->cloth);
    }

    /** The same with sizes called by the place of their line. */
    public function withLinesCounted(): self
    {
        return new self($this->unit, $this->body, $this->pattern->withLinesCounted(), $this->choices, $this->found, $this->cloth);
    }

    /** What was set by hand and what a fitting found at a level, together. */
    public function byHand(Level $level): ByHand
    {
        return $this->choices->byHand($level)->plus($this->found->at($level));
    }

    /** All round, what seams that are sewn otherwise add at a level: the two side seams, and each princess seam that passes there. */
    public function sewnRound(Level $level): Length
    {
        $round = $this->found->sewnRound($level);
        foreach ($this->found->apart as $finding) {
            $move = $finding->place === FittingPlace::Princess ? $finding->sewn() : null;
            if ($move !== null) {
                $round = $round->plus(Length::ofNanometres($this->princessEdges($finding->part, $level) * $move->nanometres));
            }
        }

        return $round;
    }

    /** Counted round the garment: a front, or a back, that has princess seams has a pair. */
    private function princessEdges(FrontOrBack $part, Level $level): int
    {
        $pieces = array_filter($this->pattern->notes->pieces, static fn (Piece $piece): bool => $piece->layer === Layer::Outer && $piece->has(SeamKind::Princess) && $piece->reach->holds($level));
        $sides = array_filter([PieceSide::Front, PieceSide::Back], static fn (PieceSide $side): bool => $part->isOn($side) && array_filter($pieces, static fn (Piece $piece): bool => $piece->side->isOn($side)) !== []);

        return self::EDGES_OF_A_PAIR * count($sides);
    }

    /** Whether something is said of it, though it be nothing. */
    public function isFoundAt(Level $level): bool
    {
        return $this->choices->givesByHand($level) || $this->found->isFoundAt($level);
    }

    /** A length in the unit the make speaks in. */
    public function say(Length $length): string
    {
        return LengthPrint::sentence($length, $this->unit);
    }

    /** What is left over of a size, in words such as `1 cm too much`; nothing left over is said by each place itself. */
    public function leftOver(Length $left): string
    {
        return "{$this->say($left->abs())} too ".($left->isPositive() ? 'much' : 'little');
    }

    /** Whether an amount can be drawn or sewn: less than 1 mm, or 1/32 in, nobody can (common practice, no published source). */
    public function canBeDone(Length $amount): bool
    {
        return $amount->abs()->nanometres >= ($this->unit === Unit::Inch ? 793_750 : 1_000_000);
    }

    /** A move of an edge in words, such as `out 1 cm`; the words carry the direction. */
    public function signed(Length $move): string
    {
        $said = $this->say($move->abs());

        // Less than a tape shows is nothing to draw.
        return str_starts_with($said, '0 ') ? 'nothing' : ($move->isPositive() ? 'out ' : 'in ').$said;
    }
}
