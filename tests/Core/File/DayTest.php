<?php

declare(strict_types=1);

use Underbolt\File\Shape\DayShape;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;

test('a day is read as it is written in files, and anything else is refused', function (mixed $typed, ?string $read): void {
    $log = new FaultLog;
    expect((new DayShape)->read(Node::root($typed, 'day', Unit::Centimetre, $log)))->toBe($read)
        ->and(count($log->faults()))->toBe($read === null ? 1 : 0);
})->with([
    ['2026-11-26', '2026-11-26'],
    ['2024-02-29', '2024-02-29'],
    ['2026-02-29', null],
    ['2026-13-01', null],
    ['26.11.2026', null],
    ['2026-11-26T10:00', null],
    [20261126, null],
]);
