<?php

declare(strict_types=1);

namespace App\Uploads;

/** What reading a file may take. */
final readonly class Bounds
{
    /**
     * @param  int  $seconds  of work: a chart takes a tenth of one, the largest nest one
     * @param  int  $clockSeconds  a machine that has much else to do may take longer for the same work
     * @param  int  $memoryMb  of PHP's own
     * @param  int  $fileMb  of any file that is written on the way
     * @param  int  $niceness  how far others come first, 0 to 19: what has long on the clock can wait for them
     */
    public function __construct(public int $seconds, public int $clockSeconds, public int $memoryMb, public int $fileMb, public int $niceness)
    {
    }
}
