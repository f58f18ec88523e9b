<?php

declare(strict_types=1);

use Underbolt\ChartPaste\ChartPaste;
use Underbolt\ChartPaste\ChartPreview;
use Underbolt\ChartPaste\PreviewRow;
use Underbolt\Measure\Unit;

function readChart(string $text, Unit $typedIn = Unit::Centimetre): ChartPreview
{
    return ChartPaste::read($text, $typedIn);
}

/** @return array<string, list<string>> the texts that would go into each row, a doubted cell with a question mark */
function understood(ChartPreview $preview): array
{
    $rows = [];
    foreach ($preview->rows as $row) {
        $rows[$row->place?->path() ?? "? {$row->label}"] = array_map(
            static fn ($cell): string => $cell->text.($cell->doubt === null ? '' : '?'),
            $row->cells,
        );
    }

    return $rows;
}

test('a chart is read from whatever stands between its cells', function (string $text, array $bust): void {
    $preview = readChart($text);
    expect($preview->sizes)->toBe(['8', '10', '12'])
        ->and(understood($preview))->toBe(['body_chart.full_bust' => $bust, 'body_chart.waist' => ['66', '70', '74']])
        ->and($preview->doubts())->toBe(0);
})->with([
    'tabs' => ["Size\t8\t10\t12\nBust\t84\t88,5\t92\nWaist\t66\t70\t74", ['84', '88,5', '92']],
    'tabs, a label more' => ["Chart of 1998\nSize\t8\t10\t12\nBust\t84\t88\t92\nWaist\t66\t70\t74\n", ['84', '88', '92']],
    'semicolons' => ["Size;8;10;12\nBust;84;88,5;92\nWaist;66;70;74", ['84', '88,5', '92']],
    'commas' => ["Size,8,10,12\nBust,84,88.5,92\nWaist,66,70,74", ['84', '88.5', '92']],
    'quoted commas' => ["Size,8,10,12\n\"Bust\",\"84,5\",\"88,5\",\"92\"\nWaist,66,70,74", ['84,5', '88,5', '92']],
    'several spaces' => ["Size   8   10   12\nBust   84  88.5   92\nWaist  66  70     74", ['84', '88.5', '92']],
    'one space' => ["Size 8 10 12\nBust 84 88,5 92\nWaist 66 70 74", ['84', '88,5', '92']],
    'on its side' => ["Size\tBust\tWaist\n8\t84\t66\n10\t88\t70\n12\t92\t74", ['84', '88', '92']],
    'on its side, spaced' => ["Size Bust Waist\n8 84 66\n10 88 70\n12 92 74", ['84', '88', '92']],
    'a column of units' => ["Size\t\t8\t10\t12\nBust\tcm\t84\t88\t92\nWaist\tcm\t66\t70\t74", ['84', '88', '92']],
    'windows lines and odd spaces' => ["Size 8 10 12\r\nBust\u{00A0}84\u{2009}88 92\r\nWaist 66 70 74\r\n", ['84', '88', '92']],
]);

test('rows are known by their usual names in four languages', function (string $label, string $place): void {
    expect(understood(readChart("Size\t8\t10\n{$label}\t84\t88")))->toHaveKey($place);
})->with([
    ['BUST', 'body_chart.full_bust'], ['Full bust (cm)', 'body_chart.full_bust'], ['Chest', 'body_chart.full_bust'],
    ['Upper bust', 'body_chart.high_bust'], ['Waist:', 'body_chart.waist'], ['Hips', 'body_chart.hip'],
    ['Hip (9 in below the waist)', 'body_chart.hip'], ['Across front', 'body_chart.cross_front'],
    ['Upper arm', 'body_chart.bicep'], ['Bicep', 'body_chart.bicep'],
    ['Oberarmumfang', 'body_chart.bicep'], ['Sleeve width', 'finished.bicep'], ['Finished bicep', 'finished.bicep'],
    ['Finished bust', 'finished.full_bust'], ['Garment hip', 'finished.hip'], ['Bust, finished measurement', 'finished.full_bust'],
    ['Oberweite', 'body_chart.full_bust'], ['Oberbrustumfang', 'body_chart.high_bust'], ['Taille', 'body_chart.waist'],
    ['Hüftumfang', 'body_chart.hip'], ['Fertigmaß Hüfte', 'finished.hip'],
    ['Tour de poitrine', 'body_chart.full_bust'], ['Tour de taille', 'body_chart.waist'], ['Hanches', 'body_chart.hip'],
    ['Tour de hanches, vêtement fini', 'finished.hip'],
    ['Bovenwijdte', 'body_chart.full_bust'], ['Tailleomtrek', 'body_chart.waist'], ['Heupwijdte', 'body_chart.hip'],
    ['Afgewerkte heupwijdte', 'finished.hip'],
    ['Bust, C cup', 'cups.body_chart.C'], ['D cup', 'cups.body_chart.D'], ['Finished bust (DD)', 'cups.finished.DD'],
    ['Finished bust, C cup', 'cups.finished.C'],
]);

test('an arm does not tell inches from centimetres', function (): void {
    $rows = understood(readChart("Size\t8\t10\t12\nUpper arm\t26\t27\t28\nBust\t84\t88\t92"));
    expect($rows['body_chart.bicep'])->toBe(['26', '27', '28'])
        ->and(readChart("Size\t8\t10\t12\nUpper arm\t26\t27\t28\nBust\t84\t88\t92")->rows[0]->doubt)->toBeNull();
});

test('a longer name is not taken for the name it begins with', function (string $label): void {
    expect(understood(readChart("Size\t8\t10\n{$label}\t84\t88")))->toHaveKey("? {$label}");
})->with(['High hip', 'Bust point', 'Shoulder', 'Sleeve length', 'Arm']);

test('a line of words says what the rows below it are about', function (): void {
    $rows = understood(readChart("Size 8 10\nBody measurements\nBust 84 88\nFinished garment measurements\nBust 92 96\nHip 98 102"));
    expect(array_keys($rows))->toBe(['body_chart.full_bust', 'finished.full_bust', 'finished.hip']);
});

test('a house\'s own words for its rows are known once they were said', function (): void {
    $text = "Size\t8\t10\nPettinanza\t84\t88\nGirth two\t92\t96\nGirth three\t90\t94\nWaist\t66\t70";
    $words = ['pettinanza' => 'body_chart.full_bust', 'GIRTH TWO' => 'finished.full_bust', 'girth three' => 'cups.body_chart.C', 'waist' => 'nowhere'];
    expect(array_keys(understood(ChartPaste::read($text, Unit::Centimetre, words: $words))))
        ->toBe(['body_chart.full_bust', 'finished.full_bust', 'cups.body_chart.C', 'body_chart.waist']);
});

test('a further block goes on with further sizes, and a half girth is doubled with a mark', function (): void {
    $blocks = "Size\t8\t10\nBust\t84\t88\nSize\t12\t14\nBust\t92\t96";
    expect(readChart($blocks)->sizes)->toBe(['8', '10', '12', '14'])
        ->and(understood(readChart($blocks)))->toBe(['body_chart.full_bust' => ['84', '88', '92', '96']])
        ->and(readChart($blocks)->rows[0]->doubt)->toBeNull();
    $half = readChart("Size\t8\t10\nHalf bust\t42\t44.5")->rows[0];
    expect([$half->cells[0]->text, $half->cells[1]->text, $half->isSure(0)])->toBe(['84', '89', false]);
});

test('the largest sizes in inches are not taken for centimetres', function (): void {
    $row = static fn (float $widest): ChartPreview => readChart("Size\t30\t32\t34\nBust\t58\t61\t64\nHip\t{$widest}\t".($widest + 1)."\t".($widest + 2));
    expect($row(73)->isUnitOpen)->toBeTrue()->and($row(73)->rows[0]->doubt)->toContain('Inches or centimetres?')
        ->and($row(80)->isUnitOpen)->toBeFalse()->and($row(80)->unit)->toBe(Unit::Centimetre);
});

test('the french word for size is told from the german word for waist', function (): void {
    expect(readChart("Taille 36 38 40\nTour de poitrine 84 88 92")->sizes)->toBe(['36', '38', '40'])
        ->and(understood(readChart("Größe 36 38 40\nTaille 66 70 74")))->toBe(['body_chart.waist' => ['66', '70', '74']]);
});

test('a cell is read as it is meant', function (string $cell, string $text, ?string $doubt = null): void {
    $read = readChart("Size\tX\tY\nWaist (cm)\t{$cell}\t150")->rows[0]->cells[0];
    expect($read->text)->toBe($text);
    $doubt === null ? expect($read->doubt)->toBeNull() : expect($read->doubt)->toContain($doubt);
})->with([
    ['66', '66'], ['66,5', '66,5'], ['66 1/2', '66 1/2'], ['66½', '66 1/2'], ['37-3/4', '37-3/4'], ['91 cm', '91 cm'], ['36 in', '36 in'],
    ['91 (36)', '91'], ['36 (91)', '91'], ['91 cm / 36 in', '91 cm'], ['91 (35 3/4)', '91'], ['91 [36"]', '91'],
    ['91 (39)', '91', 'don\'t say the same'], ['-', ''], ['', ''], ['n/a', ''],
    [
        '84,88',
        '84,88',
        'two figures',
    ], ['9', '9', 'no body'], ['1000', '1000', 'no body'], ['ca. 84', '84'], ['84*', '84'], ['up to 88', '88'], ['84/33', '84'], ["36''", '36"'], ['36 1⁄2 in', '36 1/2 in'],
    ['84 1/3', '', 'no figure'],
    ['60,564', '60,564', 'run together'], ['37.875', '37.875'], ['90-86', '', 'backwards'], ['60-90', '', 'too wide'], ['86-90', '86-90'], ['84/88', '84-88'], ['de 82 a 86', '82-86'], ['33 ins', '33 in'], ['84 cms', '84 cm'], ['approx. 91', '91'], ['83 1)', '83'], ['83¹', '83'], ['**84**', '84'], ['910 mm', '910 mm'],
]);

test('a range stays one, as it is printed; a finished garment has one figure', function (): void {
    $text = "Size 34 36\nBust 82-84 86 - 88\nHip 88 bis 92 92 bis 96";
    expect(understood(readChart($text)))->toBe(['body_chart.full_bust' => ['82-84', '86-88'], 'body_chart.hip' => ['88-92', '92-96']])
        ->and(understood(readChart("Size\t8\t10\nWaist\t37-3/4\t39-1/2")))->toBe(['body_chart.waist' => ['37-3/4 in', '39-1/2 in']])
        ->and(understood(readChart("Size\t8\t10\nFinished bust\t90-92\t95")))->toBe(['finished.full_bust' => ['?', '95?']]);
});

test('figures in the other unit keep it in words', function (): void {
    $preview = readChart("Size 8 10\nBust 32 1/2 34\nWaist 25 26 1/2");
    expect($preview->unit)->toBe(Unit::Inch)
        ->and(understood($preview)['body_chart.full_bust'])->toBe(['32 1/2 in', '34 in'])
        ->and(readChart("Size 8 10\nBust 32 1/2 34", typedIn: Unit::Inch)->rows[0]->cells[0]->text)->toBe('32 1/2');
});

test('the same row in both units is one row, and cells that disagree are marked', function (): void {
    expect(understood(readChart("Size 8 10\nBust (cm) 84 88\nBust (in) 33 39")))->toBe(['body_chart.full_bust' => ['84', '88?']]);
});

test('what can\'t be laid under the sizes for sure is marked', function (string $text): void {
    $row = readChart($text)->rows[0];
    expect($row->doubt)->not->toBeNull()->and($row->isSure(0))->toBeFalse();
})->with([
    'a figure too few' => ["Size 8 10 12\nBust 84 88"],
    'a figure too many' => ["Size 8 10\nBust 84 88 92"],
    'a figure too few, on its side' => ["Size Bust Waist\n8 84 66\n10 70\n12 92 74"],
    'a row that stands twice' => ["Size 8 10\nPattern 84 88"],
]);

test('a figure that falls, or jumps, is marked', function (): void {
    $cells = readChart("Size 8 10 12 14 16\nBust 84 88 92 69 100\nHip 91 95 99 130 134")->rows;
    expect(array_map(static fn ($cell): bool => $cell->doubt !== null, $cells[0]->cells))->toBe([false, false, false, true, true])
        ->and(array_map(static fn ($cell): bool => $cell->doubt !== null, $cells[1]->cells))->toBe([false, false, false, true, false]);
});

test('a missing last cell between tabs is empty, not a doubt', function (): void {
    $row = readChart("Size\t8\t10\t12\nWaist\t66\t70\t")->rows[0];
    expect($row->doubt)->toBeNull()->and($row->cells[2]->text)->toBe('');
});

test('without a line of sizes they are counted, and that is said', function (): void {
    $preview = readChart("Bust\t84\t88\nWaist\t66\t70");
    expect($preview->sizes)->toBe(['1', '2'])->and($preview->sizesDoubt)->toContain('No line of sizes');
});

test('a size that stands twice is named apart, and that is said', function (): void {
    $preview = readChart("Size\tM\tL\tM\nBust\t84\t88\t92");
    expect($preview->sizes)->toBe(['M', 'L', 'M (2)'])->and($preview->sizesDoubt)->toContain('twice');
});

test('nothing, or nothing of use, is read as nothing', function (string $text): void {
    expect(array_filter(readChart($text)->rows, static fn (PreviewRow $row): bool => $row->place !== null))->toBe([]);
})->with(['', ' ', "\n\n", 'hello', str_repeat('x ', 5000), "\t\t\t", "\xff\xfe\x00"]);

test('two tables that nothing tells apart are asked about once, as tables', function (): void {
    $rows = "Size\t8\t10\nBust\t84\t88\nWaist\t66\t70\n";
    $open = ChartPaste::read($rows.strtr($rows, ['66' => '72']), Unit::Centimetre);
    $told = ChartPaste::read("Body\n{$rows}Finished garment\n{$rows}", Unit::Centimetre);
    $tables = static fn (ChartPreview $preview): array => array_map(static fn ($row): int => $row->table, $preview->rows);
    expect($open->openTable())->toBe(1)->and($told->openTable())->toBeNull()
        ->and($tables($open))->toBe([0, 0, 1, 1])->and($tables($told))->toBe([0, 0, 1, 1]);
});

test('rows that each name their unit tell the chart’s', function (): void {
    $chart = ChartPaste::read("Size\t8\t10\t12\nBust (in)\t32\t34\t36\nWaist (in)\t25\t27\t29", Unit::Centimetre);
    expect($chart->unit)->toBe(Unit::Inch)->and(ChartPaste::read("Size\t8\t10\nBust (in)\t32\t34\nBust (cm)\t81\t86", Unit::Centimetre)->unit)->toBe(Unit::Centimetre);
});
