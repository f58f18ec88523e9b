<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;

/** What a step is ticked by: the same as long as the step asks for the same, as a tick is for what was done, not for what is to be done now. */
final class StepKey
{
    public static function of(Step $step): string
    {
        $asked = [
            array_map(static fn (StepAmount $one): array => [$one->at(), $one->edge(), $one->amount->nanometres], $step->amounts),
            array_map(static fn (Applied $one): array => [$one->piece, $one->edge, $one->side?->value, $one->level?->value, $one->line, $one->amount->nanometres], $step->applied),
        ];

        return "{$step->id}-".hash('crc32b', json_encode($asked, JSON_THROW_ON_ERROR));
    }
}
