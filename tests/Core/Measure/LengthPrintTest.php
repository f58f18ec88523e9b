<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;
use function Tests\Core\inches;

test('centimetres are printed to half a millimetre, as a hand can draw, without idle zeros', function (float $cm, string $printed): void {
    expect(LengthPrint::sentence(cm($cm), Unit::Centimetre))->toBe($printed);
})->with([[95.5, '95.5 cm'], [95, '95 cm'], [100, '100 cm'], [0.125, '0.15 cm'], [-0.125, '−0.15 cm'], [0.26, '0.25 cm'], [1.15, '1.15 cm'], [-2.5, '−2.5 cm'], [0, '0 cm']]);

test('inches are printed as the fraction a tape shows', function (string $typed, string $printed): void {
    expect(LengthPrint::sentence(inches($typed), Unit::Inch))->toBe($printed);
})->with([
    ['37 3/4', '37 3/4 in'], ['37 12/16', '37 3/4 in'], ['37', '37 in'], ['5/8', '5/8 in'],
    ['-5/8', '−5/8 in'], ['-1 1/2', '−1 1/2 in'], ['37 31/32', '38 in'], ['1/64', '0 in'],
]);

test('numbers of a file have four decimals, half away from zero', function (): void {
    expect(LengthPrint::number(Length::ofNanometres(1_500), Unit::Centimetre))->toBe(0.0002)
        ->and(LengthPrint::number(Length::ofNanometres(-1_500), Unit::Centimetre))->toBe(-0.0002)
        ->and(LengthPrint::number(inches('37 3/8'), Unit::Inch))->toBe(37.375)
        ->and(LengthPrint::number(cm(95.5), Unit::Centimetre))->toBe(95.5);
});

test('cloth is said as it is bought, and never short', function (float $cm, string $metres, string $yards): void {
    $length = Length::ofNumber($cm, Unit::Centimetre);
    expect(LengthPrint::cloth($length, Unit::Centimetre))->toBe($metres)->and(LengthPrint::cloth($length, Unit::Inch))->toBe($yards);
})->with([
    // 28.87, 0.1 and 1 yards exactly; an eighth of a yard is 11.43 cm.
    [2640, '26.4 m', '28 7/8 yd'], [9.144, '0.1 m', '1/8 yd'], [91.44, '0.92 m', '1 yd'], [91.45, '0.92 m', '1 1/8 yd'], [0, '0 m', '0 yd'],
]);
