<?php

declare(strict_types=1);

use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthOutOfLimits;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;

test('the limits themselves are possible, a hair beyond is not', function (LengthKind $kind, float $least, float $most): void {
    expect($kind->check(cm($least), Unit::Centimetre))->toEqual(cm($least))
        ->and($kind->check(cm($most), Unit::Centimetre))->toEqual(cm($most))
        ->and(fn () => $kind->check(cm($least - 0.01), Unit::Centimetre))->toThrow(LengthOutOfLimits::class, 'too small')
        ->and(fn () => $kind->check(cm($most + 0.01), Unit::Centimetre))->toThrow(LengthOutOfLimits::class, 'too large');
})->with([
    [LengthKind::Girth, 20, 300], [LengthKind::Along, 1, 250], [LengthKind::Ease, -100, 200], [LengthKind::Allowance, 0, 20],
]);

test('a refusal speaks in the unit it was asked in and asks about the unit', function (): void {
    expect(fn () => LengthKind::Girth->check(cm(15.24), Unit::Inch))
        ->toThrow(LengthOutOfLimits::class, '6 in is too small: the least a girth can be here is 7 7/8 in; is the unit right?');
});
