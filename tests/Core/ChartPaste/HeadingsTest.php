<?php

declare(strict_types=1);

use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\PastedCell;
use Underbolt\ChartPaste\PreviewRow;
use Underbolt\Measure\Unit;

/** @return array<string, string> the figures of each row as they go into the chart, by its path, with a mark where the whole row is doubted */
function underHeadings(string $text): array
{
    $rows = ChartPaste::read($text, Unit::Centimetre)->rows;
    $words = static fn (PreviewRow $row): string => implode(' ', array_map(static fn (PastedCell $cell): string => $cell->text, $row->cells)).($row->doubt === null ? '' : '?');

    return array_combine(array_map(static fn (PreviewRow $row): string => implode(' ', [$row->place?->path() ?? "? {$row->label}", ...array_values($row->of)]), $rows), array_map($words, $rows));
}

test('a heading without figures decides what follows, by the words of it that are known', function (string $heading, string $path): void {
    expect(underHeadings("{$heading}\nSize\t8\t10\t12\nBust\t94\t98\t102"))->toBe([$path => '94 98 102']);
})->with([
    ['Finished garment measurements', 'finished.full_bust'], ['FINISHED MEASUREMENTS (SIZES 8-12)', 'finished.full_bust'], ['2. Finished garment', 'finished.full_bust'],
    ['Fertigmaße Kleid', 'finished.full_bust'], ['Mesures de la robe finie', 'finished.full_bust'], ['Actual measurements', 'finished.full_bust'],
    ['Your measurements', 'body_chart.full_bust'], ['To fit', 'body_chart.full_bust'], ['Body measurements - D cup', 'cups.body_chart.D'],
    // A title that speaks of the garment, and of no measures.
    ['Finished with love: the Skerry dress', 'body_chart.full_bust'], ['The finished garment is roomier than it looks', 'body_chart.full_bust'],
]);

test('what stands under a heading of one view or fit is that view\'s or fit\'s', function (string $first, string $second, string $one, string $other): void {
    $found = underHeadings("Size\t8\t10\t12\nBust\t84\t88\t92\n{$first}\nBust\t94\t98\t102\n{$second}\nBust\t100\t104\t108");
    expect($found)->toBe(['body_chart.full_bust' => '84 88 92', "finished.full_bust {$one}" => '94 98 102', "finished.full_bust {$other}" => '100 104 108']);
})->with([
    ['Finished garment measurements, view A', 'Finished garment measurements, view B', 'A', 'B'], ['Finished garment measurements for view A', 'view B', 'A', 'B'],
    ['Finished Measurements, Slim Fit', 'Finished Measurements, Loose Fit', 'Slim', 'Loose'],
]);

test('cups under a heading of the finished bust are finished cups', function (): void {
    expect(underHeadings("Size\t8\t10\nBust\t84\t88\nFinished bust by cup\nCup B\t94\t98\nCup C\t96\t100"))
        ->toBe(['body_chart.full_bust' => '84 88', 'cups.finished.B' => '94 98', 'cups.finished.C' => '96 100']);
});

test('a depth or a length in brackets is no girth', function (string $label): void {
    expect(array_keys(underHeadings("Size\t8\t10\nBust\t84\t88\n{$label}\t104\t105")))->toBe(['body_chart.full_bust', "? {$label}"]);
})->with(['Waist (to floor)', 'Hip (depth from waist)', 'Waist (from nape)']);

test('half a girth is doubled and marked, and tells nothing of the unit', function (string $label): void {
    expect(underHeadings("Size\t8\t10\n{$label}\t42\t44"))->toBe(['body_chart.full_bust' => '84 88?']);
})->with(['½ bust', '1/2 bust', 'half bust', 'Bust (laid flat)']);

test('millimetres are read as millimetres', function (string $text): void {
    expect(underHeadings($text))->toBe(['body_chart.full_bust' => '840 mm 880 mm', 'body_chart.waist' => '660 mm 700 mm']);
})->with(["Size\t8\t10\nBust (mm)\t840\t880\nWaist (mm)\t660\t700", "All measures in mm\nSize\t8\t10\nBust\t840\t880\nWaist\t660\t700"]);

test('rows that can\'t stand beside one another are asked about', function (string $rows, array $doubted): void {
    $found = underHeadings("Size\t8\t10\t12\n{$rows}");
    expect(array_keys(array_filter($found, static fn (string $row): bool => str_ends_with($row, '?'))))->toBe($doubted);
})->with([
    'hip and waist swapped' => ["Bust\t100\t104\t108\nWaist\t91\t95\t99\nHip\t66\t70\t74", ['body_chart.waist', 'body_chart.hip']],
    'bust and waist swapped' => ["Bust\t66\t70\t74\nWaist\t84\t88\t92\nHip\t91\t95\t99", ['body_chart.full_bust', 'body_chart.waist']],
    'high bust and bust swapped' => ["Bust\t80\t84\t88\nHigh bust\t84\t88\t92", ['body_chart.full_bust', 'body_chart.high_bust']],
    'a garment laid flat' => ["Bust\t84\t88\t92\nFinished bust\t47\t49\t51", ['finished.full_bust']],
    'half a bust' => ["Bust\t18 1/2\t19\t19 1/2", ['body_chart.full_bust']],
    'a sound chart' => ["Bust\t84\t88\t92\nWaist\t66\t70\t74\nHip\t91\t95\t99\nFinished bust\t94\t98\t102", []],
]);

test('sizes that stand at the foot are those of the rows above', function (): void {
    $preview = ChartPaste::read("Bust\t84\t88\t92\nWaist\t66\t70\t74\nSize\t8\t10\t12", Unit::Centimetre);
    expect([$preview->sizes, $preview->sizesDoubt])->toBe([['8', '10', '12'], null])
        ->and(underHeadings("Bust\t84\t88\t92\nWaist\t66\t70\t74\nSize\t8\t10\t12"))->toBe(['body_chart.full_bust' => '84 88 92', 'body_chart.waist' => '66 70 74']);
});

test('a name on a line of its own is that of the figures below it', function (string $text): void {
    expect(underHeadings($text))->toBe(['body_chart.full_bust' => '84 88 92', 'body_chart.waist' => '66 70 74']);
})->with(["Size\t8\t10\t12\nBust\n84\t88\t92\nWaist\n66\t70\t74", "Size 8 10 12\nBust\n84 88 92\nWaist\n66 70 74"]);

test('marks about a title are no inches, stars are no part of a size', function (string $text): void {
    $preview = ChartPaste::read($text, Unit::Centimetre);
    expect([$preview->unit, $preview->sizes, $preview->sizesDoubt])->toBe([Unit::Centimetre, ['8', '10', '12'], null])->and(underHeadings($text))->toBe(['body_chart.full_bust' => '84 88 92']);
})->with(["The \"Skerry\" dress\nSize\t8\t10\t12\nBust\t84\t88\t92", "For models of 5'6\" and more\nSize\t8\t10\t12\nBust\t84\t88\t92", "Size\t8*\t10*\t**12**\nBust\t84\t88\t92"]);

test('a fraction\'s sign behind a space belongs to its whole, and two units can stand about a slash', function (): void {
    expect(underHeadings("Size 8 10 12\nBust 31 ½ 33 34 ½"))->toBe(['body_chart.full_bust' => '31 1/2 in 33 in 34 1/2 in'])
        ->and(underHeadings("Size\t8\t10\nBust\t32 / 81.5\t34 / 86.5"))->toBe(['body_chart.full_bust' => '32 in 34 in']);
});

test('a title between tables that decides nothing marks what follows; a second line of sizes under the same titles does not', function (): void {
    $below = static fn (string $title): array => underHeadings("Size\t8\t10\nBust\t84\t88\n{$title}\nSize\t8\t10\nHip\t91\t95");
    expect($below('The long sleeves'))->toBe(['body_chart.full_bust' => '84 88', 'body_chart.hip' => '91 95?'])
        ->and($below('Body'))->toBe(['body_chart.full_bust' => '84 88', 'body_chart.hip' => '91 95']);
});

test('groups of sizes that are printed apart are told, sizes alike are named apart', function (string $text, array $ranges): void {
    $preview = ChartPaste::read($text, Unit::Centimetre);
    expect(array_map(static fn (array $range): string => "{$range['name']}: ".implode(' ', $range['sizes']), $preview->ranges))->toBe($ranges)->and($preview->doubts())->toBe(0);
})->with([
    'by titles' => ["MISSES 8-10\nSize\t8\t10\nBust\t84\t88\nWOMEN'S 18W-20W\nSize\t18W\t20W\nBust\t112\t117", ['Misses: 8 10', "Women's: 18W 20W"]],
    'by their sizes' => ["Size\t8\t10\nBust\t84\t88\nSize\t18W\t20W\nBust\t112\t117", ['8-10: 8 10', 'Plus: 18W 20W']],
    'alike, and smaller again' => ["Regular\nSize\t8\t10\nBust\t84\t88\nPetite\nSize\t8\t10\nBust\t82\t86", ['Regular: 8 10', 'Petite: 8 (Petite) 10 (Petite)']],
    'the same group, finished' => ["Misses\nSize\t8\t10\nBust\t84\t88\nMisses, finished garment\nSize\t8\t10\nBust\t94\t98", []],
    'further sizes of one' => ["Size\t8\t10\nBust\t84\t88\nSize\t12\t14\nBust\t92\t97", []],
]);

test('what is doubted of a whole table is said once, and counted once', function (): void {
    $preview = ChartPaste::read("Size\t8\t10\nBust\t84\t88\nHip\t91\t95\nSize\t8\t10\nBust\t94\t980\nHip\t101\t105", Unit::Centimetre);
    expect($preview->tableDoubts())->toBe([null, 'It stands a second time, so it is taken for the finished garment.'])->and($preview->doubts())->toBe(2)
        ->and(array_map($preview->doubtOf(...), $preview->rows))->toBe([null, null, null, null]);
});
