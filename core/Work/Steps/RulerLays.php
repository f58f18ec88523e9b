<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Seam\Gap;
use Underbolt\Work\Told\ToldStation;

/** Where the new line runs straight from one level to the next: a ruler laid once does what a dozen marks would. */
final readonly class RulerLays
{
    /** A pencil line beside the ruler. */
    private const WITHIN_NM = 1_000_000;

    private function __construct(private Given $given, private PieceSide $side)
    {
    }

    /** Such as `Lay the ruler from line 8 at the underarm to line 10 at the waist`; null where it lies nowhere. */
    public static function told(Given $given, PieceSide $side): ?string
    {
        $self = new self($given, $side);
        $said = [];
        foreach (array_slice($given->levels, 1) as $i => $lower) {
            $lay = $self->lay($given->levels[$i], $lower);
            if ($lay !== null) {
                $said[] = $lay;
            }
        }
        $isKnown = $given->line->isFromNest;

        return $said === [] ? null : ($isKnown ? 'Lay' : 'Where the printed lines are straight there, lay').' the ruler '.implode(', then ', $said).'; the marks between lie beside it.';
    }

    /** From one level to the next; null where it isn't straight, or keeps to a printed line. */
    private function lay(Level $upper, Level $lower): ?string
    {
        $end = $this->given->told($this->side, $lower);
        $top = $this->given->told($this->side, $upper);
        $isPivoted = $this->given->isPivoted() && $upper === Level::Bust;
        if ($top === null || $end === null || $isPivoted || ($top->size === $end->size && $top->move->compare($end->move) === 0) || ! $this->isStraight($upper, $lower)) {
            return null;
        }

        return "from {$this->given->saying->place($top)} at ".self::at($upper)." to {$this->given->saying->place($end)} at ".self::at($lower);
    }

    private function isStraight(Level $upper, Level $lower): bool
    {
        $told = $this->given->line->side($this->side);
        $between = $told->between($upper, $lower);
        if ($between === []) {
            return false;
        }
        if ($this->given->line->isFromNest || $upper !== Level::Bust) {
            // Without the drawing nobody knows how a hip is curved; above the waist most seams are straight.
            return in_array($lower, $told->straightTo, true);
        }
        $own = $this->given->own($this->side, $upper);
        $gap = Gap::nanometres($this->given->plan->situation->onLine()[$lower->value], $own, $this->given->own($this->side, $lower));
        $depths = $this->given->plan->front->depths;
        [$topDepth, $endDepth] = [$depths->of($upper)?->nanometres, $depths->of($lower)?->nanometres];
        if ($gap === null || $topDepth === null || $endDepth === null || $topDepth >= $endDepth) {
            return false;
        }
        $top = $this->given->drawn($this->side, $upper)->nanometres;
        $grows = $gap + $this->given->drawn($this->side, $lower)->nanometres - $top;
        $away = array_filter($between, static fn (ToldStation $one): bool => ! isset($one->moves[$own])
            || abs($one->moves[$own] - $top - $grows * ($one->station->depth->nanometres - $topDepth) / ($endDepth - $topDepth)) > self::WITHIN_NM);

        return $away === [];
    }

    private static function at(Level $level): string
    {
        return $level === Level::Bust ? 'the underarm' : "the {$level->value}";
    }
}
