<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;

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
                $groups[self::key($one)][] = $one;
            }
        }

        $entries = self::joined(array_map(self::entry(...), array_values($groups)));
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

    private static function key(Applied $one): string
    {
        return implode('|', [$one->edge, $one->side->value ?? '', $one->level->value ?? '', $one->stretch, $one->isSewn, $one->line, $one->step, $one->on, $one->amount->nanometres, $one->isUp, $one->per]);
    }

    /** @param  non-empty-list<Applied>  $alike */
    private static function entry(array $alike): StepAmount
    {
        $one = $alike[0];

        return new StepAmount(
            pieces: array_values(array_unique(array_map(static fn (Applied $each): string => $each->piece, $alike))),
            kind: $one->edge,
            side: $one->side,
            level: $one->level,
            stretch: $one->stretch,
            isSewn: $one->isSewn,
            line: $one->line,
            step: $one->step,
            on: $one->on,
            amount: $one->amount,
            per: $one->per,
            isUp: $one->isUp,
        );
    }

    /**
     * Front and back that get the same from the same line are one.
     *
     * @param  list<StepAmount>  $entries
     * @return list<StepAmount>
     */
    private static function joined(array $entries): array
    {
        $joined = [];
        foreach ($entries as $one) {
            $twin = $one->side === null ? null : array_key_first(array_filter($joined, static fn (StepAmount $other): bool => $other->side !== null && $other->side !== $one->side && self::areTwins($other, $one)));
            if ($twin === null) {
                $joined[] = $one;

                continue;
            }
            $other = $joined[$twin];
            $joined[$twin] = new StepAmount(
                pieces: array_values(array_unique([...$other->pieces, ...$one->pieces])),
                kind: $one->kind,
                side: null,
                level: $one->level,
                stretch: $one->stretch,
                isSewn: $one->isSewn,
                line: $one->line,
                step: $one->step,
                on: $one->on,
                amount: $one->amount,
                per: $other->per + $one->per,
                isUp: $one->isUp,
            );
        }

        return array_values($joined);
    }

    private static function areTwins(StepAmount $one, StepAmount $other): bool
    {
        return $one->kind === $other->kind && $one->level === $other->level && $one->stretch === $other->stretch && $one->isSewn === $other->isSewn
            && $one->line === $other->line && $one->step === $other->step && $one->on === $other->on
            && $one->amount->nanometres === $other->amount->nanometres && $one->isUp === $other->isUp;
    }
}
