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
            $number('critical', 2),
            $number('matters', 1),
            $number('free', 0),
            $number('slack_cm', 1),
            $number('too_small', 2),
            $number('every_cm', 0.1),
            self::steps($fields['steps'] ?? null),
            $number('further_step', 5),
            $number('adjustment', 2),
            $number('adjustment_per_cm', 0.5),
            $number('work', 1),
        );
    }

    /** @return non-empty-list<float> what a step of 0, 1, 2 ... sizes costs */
    private static function steps(?Node $node): array
    {
        $costs = array_map(static fn (Node $item): float => $item->number(0, self::MOST) ?? 0.0, $node?->items(self::MOST_STEPS) ?? []);

        return $costs === [] ? [0.0, 1.0, 3.0, 8.0] : $costs;
    }
}
