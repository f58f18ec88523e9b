<?php

declare(strict_types=1);

use Underbolt\Seam\PrintedLine;

use function Tests\Core\cm;

$line = static fn (): PrintedLine => PrintedLine::through([
    cm(0)->nanometres => cm(26), cm(20)->nanometres => cm(20), cm(40)->nanometres => cm(28),
]);

test('it runs through every level, and straight above the first and below the last', function () use ($line): void {
    expect(array_map(static fn (int $depth) => $line()->at(cm($depth)), [-5, 0, 20, 40, 60]))
        ->toEqual([cm(26), cm(26), cm(20), cm(28), cm(28)]);
});

test('half way down it is half way out, and it leaves a level upright', function () use ($line): void {
    expect($line()->at(cm(10)))->toEqual(cm(23))
        ->and($line()->at(cm(0.1))->minus(cm(26))->abs()->nanometres)->toBeLessThan(10_000);
});
