<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\StepAmount;

/** An entry of a step in a few words, such as `waist 0.5 cm out` or `hip on line 14`: every list that shows it again says it so. */
final class EntryWords
{
    /**
     * Those of one piece, each with its place.
     *
     * @param  list<StepAmount>  $entries
     * @param  ?PieceSide  $side  that the piece lies on: its edges need no word for it
     * @return list<string>
     */
    public static function all(array $entries, Plan $plan, ?PieceSide $side = null): array
    {
        return array_values(array_unique(array_map(static fn (StepAmount $one): string => self::place($one, $side).' '.self::amount($one, $plan), $entries)));
    }

    /** What is done, without its place: `0.5 cm out`, `on line 14`, `sewn 0.3 cm in`. */
    public static function amount(StepAmount $one, Plan $plan): string
    {
        $line = $one->on ?? $one->line;
        $isDone = $plan->make->canBeDone($one->amount);
        if (! $isDone || $one->on !== null) {
            $lies = $one->stretch === 'underarm' && $one->kind === 'sleeve_seam' ? 'in' : 'on';

            return ($one->on !== null && $isDone ? self::moved($one, $plan).', ' : '').($line === null ? 'nothing' : "{$lies} {$plan->lineOf($line)}");
        }

        return self::moved($one, $plan);
    }

    /** Where it is: `underarm`, `front waist`, `each waist notch`. */
    public static function place(StepAmount $one, ?PieceSide $side = null): string
    {
        $front = $one->side === null || $one->side === $side ? '' : "{$one->side->value} ";
        $at = $one->at();

        return match ($one->kind) {
            Applied::SIDE => $front.$at,
            'centre_back' => "centre back {$at}",
            Applied::SIDE_NOTCH => "each {$at} notch",
            Applied::ACROSS, 'hem' => $front.$at,
            'sleeve_seam' => $one->side === null ? $at : "{$one->side->value} half",
            default => str_replace('_', ' ', $one->kind) === $at ? $front.$at : trim($front.str_replace('_', ' ', $one->kind)." {$at}"),
        };
    }

    private static function moved(StepAmount $one, Plan $plan): string
    {
        $amount = $plan->make->say($one->amount->abs());

        return match (true) {
            ! $one->isSewn => "{$amount} {$one->way()}",
            $one->amount->isPositive() => "sewn {$amount} nearer the edge",
            default => "sewn {$amount} deeper",
        };
    }
}
