<?php

declare(strict_types=1);

use Underbolt\Seam\PrintedLine;

use function Tests\Core\cm;

$line = static fn (): PrintedLine => PrintedLine::through([
    cm(0)->nanometres => 26e7, cm(20)->nanometres => 20e7, cm(40)->nanometres => 28e7,
]);

test('it runs through every level, and straight above the first and below the last', function () use ($line): void {
    expect(array_map(static fn (int $depth): float => $line()->at($depth * 1e7), [-5, 0, 20, 40, 60]))
        ->toBe([26e7, 26e7, 20e7, 28e7, 28e7]);
});

test('half way down it is half way out, and it leaves a level upright', function () use ($line): void {
    expect($line()->at(10e7))->toBe(23e7)
        ->and(abs($line()->at(1e6) - 26e7))->toBeLessThan(10_000);
});

test('another size stands beside it by gaps that run evenly', function (): void {
    $beside = PrintedLine::through([0 => 26e7, 200_000_000 => 20e7], [0 => 1e7, 200_000_000 => 3e7]);
    expect([$beside->at(0), $beside->at(100_000_000), $beside->at(300_000_000)])->toBe([27e7, 25e7, 23e7])
        ->and($beside->slope(100_000_000))->toEqualWithDelta(-0.45 + 0.1, 1e-12);
});
