<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\SizeChart;

/*
 * Source: ASTM D5585-95, body measurements for adult female misses figure type, sizes 2 to 20, inches; given
 * from memory.
 */
const ASTM_SIZES = [2, 4, 6, 8, 10, 12, 14, 16, 18, 20];
const ASTM_ROWS = [
    'full_bust' => ['32', '33', '34', '35', '36', '37 1/2', '39', '40 1/2', '42 1/2', '44 1/2'],
    'waist' => ['24', '25', '26', '27', '28', '29 1/2', '31', '32 1/2', '34 1/2', '36 1/2'],
    'hip' => ['34 1/2', '35 1/2', '36 1/2', '37 1/2', '38 1/2', '40', '41 1/2', '43', '45', '47'],
];

function astmRow(string $row): SizeChart
{
    return SizeChart::of(
        ChartRow::from($row),
        array_map(static fn (string $text): Length => Length::parse($text, Unit::Inch), ASTM_ROWS[$row]),
    );
}

test('the body a size is published for gets that size, at every level and by every rule', function (string $row, BetweenRule $rule): void {
    foreach (ASTM_ROWS[$row] as $index => $text) {
        $found = astmRow($row)->sizeOf(Length::parse($text, Unit::Inch), $rule);
        expect($found->size)->toBe($index)->and($found->standing)->toBe(ChartPosition::On);
    }
})->with(array_keys(ASTM_ROWS))->with(BetweenRule::cases());

test('a body of 36 3/4, 28 3/4, 39 1/4 in stands between 10 and 12 at every level', function (): void {
    foreach (['full_bust' => '36 3/4', 'waist' => '28 3/4', 'hip' => '39 1/4'] as $row => $text) {
        $found = astmRow($row)->sizeOf(Length::parse($text, Unit::Inch), BetweenRule::Up);
        expect([ASTM_SIZES[$found->lower], ASTM_SIZES[$found->upper], ASTM_SIZES[$found->size]])->toBe([10, 12, 12]);
    }
});
