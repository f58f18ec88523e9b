<?php

declare(strict_types=1);

namespace App\Paper;

use Underbolt\Work\WorkPlan;

/** Which steps of the work a drawing on the pattern's own lines has in it. */
final class InNest
{
    /** @return list<string> one sentence; none where it has none */
    public static function says(WorkPlan $work): array
    {
        $done = [];
        foreach ($work->steps as $at => $step) {
            if ($work->isDoneInNest($step)) {
                $done[] = $at + 1;
            }
        }
        $runs = [];
        foreach ($done as $number) {
            $last = array_key_last($runs);
            if ($last !== null && $runs[$last][1] === $number - 1) {
                $runs[$last][1] = $number;
            } else {
                $runs[] = [$number, $number];
            }
        }
        $told = implode(', ', array_map(static fn (array $run): string => $run[0] === $run[1] ? (string) $run[0] : "{$run[0]} to {$run[1]}", $runs));

        return match (count($done)) {
            0 => [],
            1 => ["Cut this: step {$told} of the cut sheet is in it."],
            default => ["Cut this: steps {$told} of the cut sheet are in it."],
        };
    }
}
