<?php

declare(strict_types=1);

namespace Tests\Support;

/** How often what is tried at random is tried: a small sample each time, twenty-five times as often under `bin/test --long`. */
final class Runs
{
    public static function of(int $sample): int
    {
        return $sample * max(1, (int) getenv('LONG_RUNS'));
    }
}
