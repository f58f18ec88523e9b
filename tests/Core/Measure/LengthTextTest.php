<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;
use Underbolt\Measure\UnreadableLength;

test('an inch figure is read however it is written', function (string $typed, int $sixtyFourths): void {
    expect(Length::parse($typed, Unit::Inch))->toEqual(Length::ofSixtyFourths($sixtyFourths));
})->with([
    ['37', 37 * 64],
    ['37 3/4', 37 * 64 + 48],
    ['37-3/4', 37 * 64 + 48],
    ['37 - 3/4', 37 * 64 + 48],
    ['37¾', 37 * 64 + 48],
    ['37 ¾', 37 * 64 + 48],
    ['37 3⁄4', 37 * 64 + 48],
    ['37.75', 37 * 64 + 48],
    ['37,75', 37 * 64 + 48],
    ['37"', 37 * 64],
    ['37 3/4″', 37 * 64 + 48],
    ['37 in', 37 * 64],
    ['37 Inches', 37 * 64],
    ['  37 1/64  ', 37 * 64 + 1],
    ['⅞', 56],
    ['7/8', 56],
    ['-1 1/2', -96],
    ['−1½', -96],
    ['+2', 128],
    ['.5', 32],
]);

test('a unit that is written wins over the unit that is meant', function (string $typed, Unit $meant, int $nanometres): void {
    expect(Length::parse($typed, $meant)->nanometres)->toBe($nanometres);
})->with([
    ['95.5 cm', Unit::Inch, 955_000_000],
    ['95,5cm', Unit::Inch, 955_000_000],
    ['955 mm', Unit::Inch, 955_000_000],
    ['1 in', Unit::Centimetre, 25_400_000],
    ['95,5', Unit::Centimetre, 955_000_000],
    ["95.5\u{00A0}cm.", Unit::Centimetre, 955_000_000],
    ['95 1/2', Unit::Centimetre, 955_000_000],
]);

test('feet and inches are read as a height is told', function (string $typed, int $sixtyFourths): void {
    expect(Length::parse($typed, Unit::Centimetre))->toEqual(Length::ofSixtyFourths($sixtyFourths));
})->with([
    ["5'6\"", 66 * 64], ["5' 6\"", 66 * 64], ['5′6″', 66 * 64], ["5'6", 66 * 64],
    ["5' 6 1/2\"", 66 * 64 + 32], ['5 ft 6 in', 66 * 64], ['5 ft', 60 * 64], ["6'", 72 * 64],
    ["5’6''", 66 * 64],
]);

test('a doubled mark is an inch mark', function (): void {
    expect(Length::parse("5/8''", Unit::Centimetre))->toEqual(Length::ofSixtyFourths(40));
});

test('a text names its unit or not, and one that does not is given one', function (string $typed, bool $names): void {
    expect(LengthText::namesUnit($typed))->toBe($names)
        ->and(LengthText::worded($typed, Unit::Inch))->toBe($names || $typed === '' ? $typed : "{$typed} in");
})->with([
    ["5/8''", true],
    ['5/8″', true],
    ['37"', true],
    ["5'6", true],
    ['95.5 cm', true],
    ['2 YD', true],
    ['37 3/4', false],
    ['95,5', false],
    ['', false],
    ['37¾', false],
]);

test('the word of the unit that is named is known', function (string $typed, ?string $word): void {
    expect(LengthText::unitWord($typed))->toBe($word);
})->with([['95.5 cm.', 'cm'], ['2 YD', 'yd'], ['37¾″', '"'], ["5/8''", '"'], ["5'6", "'"], ['37 3/4', null], ['', null], ['cm 95', null]]);

test('more decimals than a nanometre holds are rounded', function (): void {
    expect(Length::parse('1.00000005', Unit::Centimetre)->nanometres)->toBe(10_000_001);
});

test('what is no figure is refused with what to write instead', function (string $typed, string $reason): void {
    expect(Length::tryParse($typed, Unit::Inch))->toBeNull()
        ->and(fn () => Length::parse($typed, Unit::Inch))->toThrow(UnreadableLength::class, $reason);
})->with([
    ['', 'nothing is written here'],
    ['   ', 'nothing is written here'],
    ['ninety', 'not a figure'],
    ['37 3/5', 'a tape is not marked in 1/5'],
    ['37⅓', 'a tape is not marked in 1/3'],
    ['37 5/4', 'not less than one'],
    ['1/0', 'a tape is not marked in 1/0'],
    ['9.5.5', 'more than one decimal point'],
    ['1,234.5', 'more than one decimal point'],
    ['37 ells', 'no unit known here'],
    ['37 3', 'not a figure'],
    ['3 7 / 8 9', 'not a figure'],
    ['1e3', 'not a figure'],
    ['--3', 'not a figure'],
    ['.', 'not a figure'],
    ['9999999', 'far more than any length'],
    [str_repeat('9', 41), 'too much text'],
    'bytes that are no text' => ["\xFF\xFE", 'not a figure'],
]);
