<?php

declare(strict_types=1);

namespace Tests\Support;

/** Seconds of work, its own and that of what it started and waited for: those on the clock depend on what else the machine has to do. */
final class Worked
{
    public static function seconds(): float
    {
        // Where lines are counted for coverage half of it is that.
        $counting = extension_loaded('pcov') ? 2 : 1;

        return array_sum(array_map(
            static fn (array $used): float => $used['ru_utime.tv_sec'] + $used['ru_utime.tv_usec'] / 1e6,
            [(array) getrusage(), (array) getrusage(1)],
        )) / $counting;
    }
}
