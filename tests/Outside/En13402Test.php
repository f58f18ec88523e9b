<?php

declare(strict_types=1);

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\SizeChart;

/*
 * Source: EN 13402-3 (2004), women's bust and hip girths at intervals of 4 cm, then 5 and 6 cm, and waist
 * girths likewise; each figure is the middle of its interval. Given from memory.
 */
const EN_BUST = [76, 80, 84, 88, 92, 96, 100, 104, 110, 116, 122, 128];
const EN_WAIST = [60, 64, 68, 72, 76, 80, 84, 88, 94, 100, 106, 112];
const EN_HIP = [84, 88, 92, 96, 100, 104, 108, 112, 117, 122, 127, 132];

function standardRow(ChartRow $row, array $girths): SizeChart
{
    return SizeChart::of($row, array_map(static fn (int $cm): Length => Length::ofNumber($cm, Unit::Centimetre), $girths));
}

test('a girth well inside an interval is given that interval by the nearest rule', function (ChartRow $row, array $girths): void {
    $chart = standardRow($row, $girths);
    foreach ($girths as $index => $middle) {
        $below = $index === 0 ? 4 : $middle - $girths[$index - 1];
        $above = ($girths[$index + 1] ?? $middle + 4) - $middle;
        // A tenth of the interval is kept away from either border.
        foreach ([$middle - 0.4 * $below, $middle, $middle + 0.4 * $above] as $girth) {
            expect($chart->sizeOf(Length::ofNumber($girth, Unit::Centimetre), BetweenRule::Nearest)->size)->toBe($index);
        }
    }
})->with([[ChartRow::FullBust, EN_BUST], [ChartRow::Waist, EN_WAIST], [ChartRow::Hip, EN_HIP]]);

test('the letter code of a bust girth follows from the interval', function (float $bust, string $letter): void {
    // Source: EN 13402-3 letter codes for women (from memory): S 82-90, M 90-98, L 98-107, XL 107-119.
    $letters = [84 => 'S', 88 => 'S', 92 => 'M', 96 => 'M', 100 => 'L', 104 => 'L', 110 => 'XL', 116 => 'XL'];
    $size = standardRow(ChartRow::FullBust, EN_BUST)->sizeOf(Length::ofNumber($bust, Unit::Centimetre), BetweenRule::Nearest)->size;
    expect($letters[EN_BUST[$size]])->toBe($letter);
})->with([[83, 'S'], [89.5, 'S'], [90.5, 'M'], [97.5, 'M'], [98.5, 'L'], [106.5, 'L'], [107.5, 'XL'], [118, 'XL']]);
