<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
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

    public function __construct(public Plan $plan, public MakePieces $pieces, public ToldLine $line, public Saying $saying)
    {
    }

    /** The plan's frame: its size at the bust, or at the first level it has, before front and back are made unlike. */
    public function frame(): int
    {
        return $this->plan->sizes->first() ?? 0;
    }

    /** @return list<Level> those that the make has a size at, from the top down */
    public function levels(): array
    {
        return array_values(array_filter(Level::cases(), fn (Level $level): bool => $this->plan->at($level) !== null));
    }

    public function told(PieceSide $side, Level $level): ?Told
    {
        return $this->line->side($side)->at($level);
    }

    /** @return array{int, Length} the printed line that a side's edge is counted from at a level, and the move; slashing spreads from the size's own */
    public function counted(PieceSide $side, Level $level): array
    {
        $told = $this->told($side, $level);
        $size = $this->sizes($side)->at($level) ?? $this->frame();

        return match (true) {
            $this->isSpread($side, $level) => [$size, $this->plan->bust?->perFrontHalf() ?? Length::zero()],
            $told === null => [$size, Length::zero()],
            default => [$told->size, $told->move],
        };
    }

    /** The bust adjustment, where it is made by pivoting at the shoulder end of an armhole. */
    public function isPivoted(): bool
    {
        return $this->plan->bust?->method === AdjustmentMethod::Pivot && $this->canPivot();
    }

    public function isSlashed(): bool
    {
        return $this->plan->bust?->method === AdjustmentMethod::Slash;
    }

    /** A raglan or a sleeve cut in one has no armhole with a shoulder end to pin. */
    public function canPivot(): bool
    {
        return $this->pieces->having(SeamKind::Armhole) !== [];
    }

    /** The level that a pivot swings back to: the next one not free. */
    public function swingsTo(): ?Level
    {
        foreach ([Level::Waist, Level::Hip] as $level) {
            if ($this->plan->at($level)?->isFree === false) {
                return $level;
            }
        }

        return $this->plan->at(Level::Hip) !== null ? Level::Hip : ($this->plan->at(Level::Waist) !== null ? Level::Waist : null);
    }

    /** The step that the line at a level counts from a printed line in. */
    public function drawnIn(PieceSide $side, Level $level): string
    {
        return match (true) {
            $this->isAdjusted($side, $level) => self::ADJUST,
            $this->isDrawn($side) => self::DRAW,
            default => self::TRACE,
        };
    }

    /** The step that draws it last: what comes after counts from there. */
    public function lastDrawnIn(PieceSide $side, Level $level): string
    {
        $isFurther = $this->isSpread($side, $level) && ! $this->beyondSpread()->isZero();

        return $isFurther ? self::DRAW : $this->drawnIn($side, $level);
    }

    /** What the front's edge gets at the underarm beside what slashing spreads. */
    public function beyondSpread(): Length
    {
        $change = $this->plan->at(Level::Bust)?->change->front ?? Length::zero();

        return $change->minus($this->plan->bust?->perFrontHalf() ?? Length::zero());
    }

    /** Whether the side has to be drawn where no adjustment draws it: it leaves its line, or goes from one line to another. */
    public function isDrawn(PieceSide $side): bool
    {
        $levels = array_filter($this->levels(), fn (Level $level): bool => ! $this->isAdjusted($side, $level));
        $adjusted = array_filter($this->levels(), fn (Level $level): bool => $this->isAdjusted($side, $level));
        if ($levels === []) {
            return false;
        }
        // It goes on from the mark where the adjustment ends.
        $from = $adjusted === [] ? $levels : [end($adjusted), ...$levels];
        $moves = array_filter($from, fn (Level $level): bool => $this->plan->make->canBeDone($this->told($side, $level)->move ?? Length::zero()));
        $sizes = array_map(fn (Level $level): ?int => $this->sizes($side)->at($level), $from);
        // A change may bring it just onto another size's line.
        $lines = array_map(fn (Level $level): ?int => $this->told($side, $level)?->size, $from);

        return $moves !== [] || count(array_unique($sizes)) > 1 || count(array_unique($lines)) > 1;
    }

    public function sizes(PieceSide $side): Sizes
    {
        return $side === PieceSide::Back ? $this->plan->frontBack->back : $this->plan->frontBack->front;
    }

    /** @return list<PieceSide> the sides whose line is drawn in a step of its own */
    public function drawnSides(): array
    {
        return array_values(array_filter(self::SIDES, $this->isDrawn(...)));
    }

    private function isAdjusted(PieceSide $side, Level $level): bool
    {
        $end = $this->swingsTo();
        $isSwung = $this->isPivoted() && ($level === Level::Bust || ($end !== null && ! $this->isBelow($level, $end)));

        return $isSwung || $this->isSpread($side, $level);
    }

    private function isSpread(PieceSide $side, Level $level): bool
    {
        return $this->isSlashed() && $level === Level::Bust && $side === PieceSide::Front;
    }

    private function isBelow(Level $level, Level $other): bool
    {
        return array_search($level, Level::cases(), true) > array_search($other, Level::cases(), true);
    }
}
