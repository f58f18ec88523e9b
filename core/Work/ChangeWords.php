<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\Applied;

/** What the edges of a piece get, in a few words each, such as `waist out 0.5 cm`. */
final class ChangeWords
{
    /**
     * @param  list<Applied>  $changes
     * @return list<string> those that can be done at all; once where front and back are alike
     */
    public static function of(array $changes, Plan $plan): array
    {
        $words = [];
        foreach ($changes as $one) {
            if ($plan->make->canBeDone($one->amount)) {
                $words[self::change($one, $plan)][] = $one->side;
            }
        }

        return array_map(static function (string $change, array $sides) use ($changes): string {
            $all = array_unique(array_map(static fn (?PieceSide $side): string => $side->value ?? '', $sides));
            $hasBoth = count(array_unique(array_filter(array_map(static fn (Applied $one): ?string => $one->side?->value, $changes)))) > 1;

            return $hasBoth && count($all) === 1 && $all[0] !== '' ? "{$all[0]} {$change}" : $change;
        }, array_keys($words), array_values($words));
    }

    private static function change(Applied $one, Plan $plan): string
    {
        $amount = $plan->make->say($one->amount->abs());
        $isOut = $one->amount->isPositive();
        $length = match ($one->stretch) {
            'above_waist' => 'above the waist',
            'below_waist' => 'below the waist',
            'sleeve' => 'in length',
            'hem' => $one->edge === 'hem' ? 'at the hem' : null,
            default => null,
        };

        return match (true) {
            $one->isUp => 'underarm '.($isOut ? 'up' : 'down')." {$amount}",
            $length !== null => ($isOut ? 'longer' : 'shorter')." {$amount} {$length}",
            $one->edge === Applied::SIDE_NOTCH => "at each {$one->level?->value} notch ".($isOut ? 'longer' : 'shorter')." {$amount}",
            $one->edge === 'centre_back' => "centre back {$one->level?->value} ".($isOut ? 'out' : 'in')." {$amount}",
            $one->stretch === 'bicep' => "upper arm out {$amount}",
            default => ($one->level === null ? str_replace('_', ' ', (string) $one->stretch) : self::place($one)).($one->isSewn ? ' sewn' : '').($isOut ? ' out ' : ' in ').$amount,
        };
    }

    private static function place(Applied $one): string
    {
        $level = $one->level?->value === 'bust' ? 'underarm' : (string) $one->level?->value;

        return $one->edge === Applied::SIDE ? $level : str_replace('_', ' ', $one->edge)." {$level}";
    }
}
