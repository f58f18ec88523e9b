<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Planning\Choosing\CostWeights;

/** Reads what misfit and work count, where the make says other than the usual. */
final class WeightsReader
{
    private const MOST = 100;

    private const MOST_STEPS = 20;

    private const KEYS = ['critical', 'matters', 'free', 'slack_cm', 'too_small', 'every_cm', 'steps', 'further_step', 'adjustment', 'adjustment_per_cm', 'work'];

    public static function read(?Node $node): CostWeights
    {
        $fields = $node?->fields(self::KEYS) ?? [];
        $number = static fn (string $key, float $usual): float => ($fields[$key] ?? null)?->number(0, self::MOST) ?? $usual;

        return new CostWeights(
            critical: $number('critical', 2),
            matters: $number('matters', 1),
            free: $number('free', 0),
            slackCm: $number('slack_cm', 1),
            worse: $number('too_small', 2),
            everyCm: $number('every_cm', 0.1),
            steps: self::steps($fields['steps'] ?? null),
            furtherStep: $number('further_step', 5),
            adjustment: $number('adjustment', 2),
            adjustmentPerCm: $number('adjustment_per_cm', 0.5),
            work: $number('work', 1),
        );
    }

    /** @return non-empty-list<float> what a step of 0, 1, 2 ... sizes costs */
    private static function steps(?Node $node): array
    {
        $costs = array_map(static fn (Node $item): float => $item->number(0, self::MOST) ?? 0.0, $node?->items(self::MOST_STEPS) ?? []);

        return $costs === [] ? [0.0, 1.0, 3.0, 8.0] : $costs;
    }
}
