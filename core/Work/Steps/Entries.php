<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;

/** The amounts of a step, picked out of what it applies: what several pieces get alike, and front and back, is one entry. */
final class Entries
{
    /**
     * Those that hands can measure, and those at 0 where another printed line than the frame's is followed.
     *
     * @param  list<Applied>  $applied
     * @return list<StepAmount>
     */
    public static function of(array $applied, Given $given): array
    {
        $groups = [];
        foreach (self::summed($applied) as $one) {
            $isTold = $given->plan->make->canBeDone($one->amount) || ($one->line !== null && $one->line !== $given->frame()) || $one->on !== null;
            if ($isTold) {
                $groups[self::alike($one)][$one->side->value ?? ''][$one->per][] = $one;
            }
        }
        $entries = array_merge([], ...array_map(self::told(...), array_values($groups)));
        $place = static fn (StepAmount $one): int => $one->level === null ? count(Level::cases()) : (int) array_search($one->level, Level::cases(), true);
        // From the top down, whichever side came first.
        usort($entries, static fn (StepAmount $one, StepAmount $other): int => $place($one) <=> $place($other));

        return $entries;
    }

    /**
     * A band has one notch for front and back: both amounts together are told there.
     *
     * @param  list<Applied>  $applied
     * @return list<Applied>
     */
    private static function summed(array $applied): array
    {
        $summed = [];
        $notches = [];
        foreach ($applied as $one) {
            if ($one->edge !== Applied::SIDE_NOTCH) {
                $summed[] = $one;

                continue;
            }
            $key = "{$one->piece} {$one->level?->value} {$one->stretch}";
            $at = $notches[$key] ??= count($summed);
            $before = $summed[$at] ?? null;
            $amount = $before === null ? $one->amount : $before->amount->plus($one->amount);
            $summed[$at] = new Applied(piece: $one->piece, edge: $one->edge, side: null, level: $one->level, stretch: $one->stretch, isSewn: $one->isSewn, line: $one->line, step: $one->step, amount: $amount);
        }

        return array_values($summed);
    }

    /** What two entries have in common that hands do alike, whichever side and piece they are on. */
    private static function alike(Applied $one): string
    {
        return implode('|', [$one->edge, $one->level->value ?? '', $one->stretch, $one->isSewn, $one->line, $one->step, $one->on, $one->amount->nanometres, $one->isUp]);
    }

    /**
     * What several pieces get is one entry, and what front and back get is one.
     *
     * @param  array<string, array<int, non-empty-list<Applied>>>  $alike  by side, and by how many edges there are of each
     * @return list<StepAmount>
     */
    private static function told(array $alike): array
    {
        $fronts = array_values($alike[PieceSide::Front->value] ?? []);
        $backs = array_values($alike[PieceSide::Back->value] ?? []);
        $told = [];
        foreach ($fronts as $at => $front) {
            $back = $backs[$at] ?? null;
            $told[] = $back === null ? self::alone($front) : StepAmount::of([...$front, ...$back], null, $front[0]->per + $back[0]->per);
        }
        $others = array_map(array_values(...), array_values(array_diff_key($alike, [PieceSide::Front->value => 0, PieceSide::Back->value => 0])));

        return [...$told, ...array_map(self::alone(...), [...array_slice($backs, count($fronts)), ...array_merge([], ...$others)])];
    }

    /** @param  non-empty-list<Applied>  $alike */
    private static function alone(array $alike): StepAmount
    {
        return StepAmount::of($alike, $alike[0]->side, $alike[0]->per);
    }
}
