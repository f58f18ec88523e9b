<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\Sizes;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Told\Told;
use Underbolt\Work\Told\ToldLine;

/** What every step is made from, and which step draws the side line where: so that nothing is moved twice. */
final readonly class Given
{
    public const TRACE = 'trace';

    public const ADJUST = 'adjust';

    public const DRAW = 'draw';

    /** @var list<PieceSide> */
    public const SIDES = [PieceSide::Front, PieceSide::Back];

    /** @var list<PieceSide> the sides whose line is drawn in a step of its own */
    public array $drawnSides;

    /** @var list<Level> those that the line lies at, measured or not, from the top down */
    public array $levels;

    /** @var list<Level> those of them that the garment ends above */
    public array $cutAway;

    public function __construct(public Plan $plan, public MakePieces $pieces, public ToldLine $line, public Saying $saying)
    {
        $this->levels = array_values(array_filter(Level::cases(), $plan->isOnLine(...)));
        $this->cutAway = LowerEdge::cutAway($this);
        $this->drawnSides = $line->isPrinted ? [] : array_values(array_filter(self::SIDES, $this->hasToBeDrawn(...)));
    }

    /** The plan's frame: its size at the bust, or at the first level it has, before front and back are made unlike. */
    public function frame(): int
    {
        return $this->plan->sizes->first() ?? 0;
    }

    public function told(PieceSide $side, Level $level): ?Told
    {
        return $this->line->side($side)->at($level);
    }

    /** The size whose printed line a side's edge is counted from at a level: the plan's own there. */
    public function own(PieceSide $side, Level $level): int
    {
        return $this->sizes($side)->at($level) ?? $this->frame();
    }

    /** The size that what is sewn on at a level is cut in: the plan's own, before front and back are made unlike. */
    public function cutIn(Level $level): int
    {
        return $this->plan->sizes->at($level) ?? $this->own(PieceSide::Front, $level);
    }

    /** The size of a piece without a side seam: that of the level where it is sewn on, else the frame's. */
    public function sizeOf(Piece $piece): int
    {
        return match ($piece->follows) {
            Follows::Waist, Follows::WaistAndHip => $this->cutIn(Level::Waist),
            Follows::Hip => $this->cutIn(Level::Hip),
            default => $this->frame(),
        };
    }

    /** How far outside that line the edge is drawn: without what slashing spreads afterwards. */
    public function drawn(PieceSide $side, Level $level): Length
    {
        return $this->line->side($side)->moveFrom($level, $this->own($side, $level));
    }

    /** Another size whose printed line the edge so comes to lie on. */
    public function on(PieceSide $side, Level $level): ?int
    {
        $told = $this->told($side, $level);

        return $told?->isOn === true && $told->size !== $this->own($side, $level) ? $told->size : null;
    }

    /** What slashing spreads the front's edge by at a level; at the others what is left of it there. */
    public function spread(PieceSide $side, Level $level): Length
    {
        return $this->isSlashed() && $side === PieceSide::Front ? $this->plan->adjustedAt($level)->front : Length::zero();
    }

    /** The bust adjustment, where it is made by pivoting at the shoulder end of an armhole. */
    public function isPivoted(): bool
    {
        return ! $this->line->isPrinted && $this->plan->bust?->isSwung() === true && $this->pinned() !== [];
    }

    public function isSlashed(): bool
    {
        return ! $this->line->isPrinted && $this->plan->bust?->isSlashed() === true;
    }

    /** @return list<Piece> those that a pivot swings: with a side seam that begins under an armhole */
    public function pinned(): array
    {
        return array_values(array_filter($this->pieces->all, static fn (Piece $piece): bool => self::isPinned($piece)));
    }

    public static function isPinned(Piece $piece): bool
    {
        return $piece->has(SeamKind::Side) && $piece->has(SeamKind::Armhole) && $piece->reach->holds(Level::Bust);
    }

    /** The mark that a pivot swings back to: the waist's, free or not; the hip's where the line knows no waist. */
    public function swingsTo(): ?Level
    {
        return match (true) {
            $this->plan->isOnLine(Level::Waist) => Level::Waist,
            $this->plan->isOnLine(Level::Hip) => Level::Hip,
            default => null,
        };
    }

    /** The step that the line of a piece counts from a printed line in. */
    public function drawnIn(Piece $piece, PieceSide $side, Level $level): string
    {
        return match (true) {
            $this->isSwung($piece, $level) => self::ADJUST,
            $this->isDrawn($side) => self::DRAW,
            default => self::TRACE,
        };
    }

    /** The step that draws it last: what comes after counts from there. */
    public function lastDrawnIn(Piece $piece, PieceSide $side, Level $level): string
    {
        return $this->plan->make->canBeDone($this->spread($side, $level)) ? self::ADJUST : $this->drawnIn($piece, $side, $level);
    }

    /** Whether the side has to be drawn where no pivot draws it: on some piece it leaves its line, or goes from one line to another. */
    public function isDrawn(PieceSide $side): bool
    {
        return in_array($side, $this->drawnSides, true);
    }

    public function sizes(PieceSide $side): Sizes
    {
        return $side === PieceSide::Back ? $this->plan->frontBack->back : $this->plan->frontBack->front;
    }

    public function isSwung(Piece $piece, Level $level): bool
    {
        $end = $this->swingsTo();

        return $this->isPivoted() && self::isPinned($piece) && ($level === Level::Bust || ($end !== null && ! self::isBelow($level, $end)));
    }

    private function hasToBeDrawn(PieceSide $side): bool
    {
        // Where no piece has the seam the step says what becomes of it.
        $unclaimed = ! $this->pieces->areListed ? [] : array_values(array_filter($this->levels, fn (Level $level): bool => $this->pieces->atSide($level, PieceSide::Front) === [] && $this->pieces->atSide($level, PieceSide::Back) === []));
        if ($unclaimed !== [] && $this->leavesItsLine($side, $unclaimed)) {
            return true;
        }
        foreach ($this->pieces->all as $piece) {
            $reached = array_values(array_filter($this->levels, static fn (Level $level): bool => MakePieces::carries($piece, $level, $side)));
            $swung = array_values(array_filter($reached, fn (Level $level): bool => $this->isSwung($piece, $level)));
            $rest = array_values(array_filter($reached, fn (Level $level): bool => ! $this->isSwung($piece, $level)));
            // It goes on from the mark where the pivot ends.
            if ($rest !== [] && $this->leavesItsLine($side, $swung === [] ? $rest : [$swung[count($swung) - 1], ...$rest])) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Level>  $levels */
    private function leavesItsLine(PieceSide $side, array $levels): bool
    {
        $moves = array_filter($levels, fn (Level $level): bool => $this->plan->make->canBeDone($this->drawn($side, $level)));

        return $moves !== [] || count(array_unique(array_map(fn (Level $level): int => $this->own($side, $level), $levels))) > 1;
    }

    private static function isBelow(Level $level, Level $other): bool
    {
        return array_search($level, Level::cases(), true) > array_search($other, Level::cases(), true);
    }
}
