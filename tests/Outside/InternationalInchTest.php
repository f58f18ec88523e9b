<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;

// Source: international yard and pound agreement, in force 1 July 1959: one yard is exactly 0.9144 m.
test('an inch is exactly 25.4 mm, a yard 914.4 mm', function (): void {
    expect(Length::parse('36 in', Unit::Centimetre))->toEqual(Length::parse('914.4 mm', Unit::Centimetre))
        ->and(Length::parse('1"', Unit::Centimetre)->nanometres)->toBe(25_400_000);
});

// Source: the same; the conversions that tape measures print, common practice, no published source.
test('the usual fractions are exact in millimetres', function (string $inches, string $millimetres): void {
    expect(Length::parse($inches, Unit::Inch))->toEqual(Length::parse("{$millimetres} mm", Unit::Inch));
})->with([['1/16', '1.5875'], ['1/8', '3.175'], ['3/8', '9.525'], ['5/8', '15.875'], ['37 3/4', '958.85']]);
