<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\Steps\StepKind;

/** Draws a step with the make's own figures; what is better said in words has no picture. */
final class StepPicture
{
    /** So far off its printed line the largest change is drawn, in the picture's units. */
    private const FARTHEST = 13.0;

    private const GAP = 8.0;

    private const HEIGHTS = ['bust' => DrawnHalf::BUST, 'waist' => DrawnHalf::WAIST, 'hip' => DrawnHalf::HIP];

    private const CUT_AT = ['length-above_waist' => 46.0, 'length-below_waist' => 64.0, 'length-hem' => 78.0];

    public static function of(Step $step, Unit $unit): ?Picture
    {
        return match ($step->kind) {
            StepKind::Length => self::length($step, $unit),
            StepKind::Adjust => self::adjust($step, $unit),
            StepKind::Draw, StepKind::Sew => self::side($step, $unit),
            StepKind::Armhole => new Picture([[DrawnHalf::whole(), Pen::Paper], ['M46 11Q43 30 60 38', Pen::Made]]),
            StepKind::Sleeve => self::sleeve($step, $unit),
            default => null,
        };
    }

    /** Cut across and spread, or laid over: by the amount that is written beside it. */
    private static function length(Step $step, Unit $unit): ?Picture
    {
        $at = self::CUT_AT[$step->id] ?? null;
        $amount = $step->amounts[0] ?? null;
        if ($at === null || $amount === null) {
            return null;
        }
        $by = $amount->amount->isPositive() ? self::GAP : -self::GAP;
        [$top, $end] = [min($at, $at + $by), max($at, $at + $by)];

        return new Picture(
            [[DrawnHalf::above($at), Pen::Paper], [DrawnHalf::below($at, $by), Pen::Paper], [DrawnHalf::strip($top, $end, $at), Pen::Between], [sprintf('M4 %sH64', $at), Pen::Cut]],
            [self::note($amount, $at + $by / 2, $unit)],
        );
    }

    /** Slashed from the waist to the armhole and spread at the bust. */
    private static function adjust(Step $step, Unit $unit): Picture
    {
        $amount = $step->amounts[0] ?? null;

        return new Picture(
            [[DrawnHalf::whole(), Pen::Paper], ['M30 86V36L49 24', Pen::Cut], ['M30 36L54 33V39Z', Pen::Between], [DrawnHalf::side(['bust' => 7.0]), Pen::Made]],
            $amount === null ? [] : [self::note($amount, DrawnHalf::BUST + 4, $unit)],
        );
    }

    /** The new line beside the printed one, at each level out or in as it is. */
    private static function side(Step $step, Unit $unit): Picture
    {
        $amounts = [];
        foreach ($step->amounts as $amount) {
            $at = $amount->level->value ?? '';
            if (isset(self::HEIGHTS[$at]) && ! $amount->amount->isZero()) {
                $amounts[$at] ??= $amount;
            }
        }
        $most = max([1, ...array_map(static fn (StepAmount $one): int => abs($one->amount->nanometres), array_values($amounts))]);
        $off = array_map(static fn (StepAmount $one): float => round(self::FARTHEST * $one->amount->nanometres / $most, 1), $amounts);

        return new Picture(
            [[DrawnHalf::whole(), Pen::Paper], [DrawnHalf::side(), Pen::Printed], [DrawnHalf::side($off), Pen::Made]],
            array_map(
                static fn (StepAmount $one, string $at): array => self::note($one, self::HEIGHTS[$at] + 4, $unit),
                $amounts,
                array_keys($amounts),
            ),
        );
    }

    /** A sleeve with its two edges as they come out. */
    private static function sleeve(Step $step, Unit $unit): ?Picture
    {
        $amount = $step->amounts[0] ?? null;
        if ($amount === null || $amount->amount->isZero()) {
            return null;
        }
        $by = $amount->amount->isPositive() ? 7 : -7;

        return new Picture(
            [
                ['M6 40Q20 36 32 10 38 6 44 10 56 36 70 40L62 88H14Z', Pen::Paper],
                [sprintf('M%s 40L14 88M%s 40L62 88', 6 - $by, 70 + $by), Pen::Made],
            ],
            [self::note($amount, 44, $unit, 80)],
        );
    }

    /** @return array{float, float, string} */
    private static function note(StepAmount $amount, float $y, Unit $unit, float $x = 74): array
    {
        return [$x, round($y, 1), LengthPrint::sentence($amount->amount->abs(), $unit)];
    }
}
