<?php

declare(strict_types=1);

use Underbolt\ChartPaste\Part\PastedCloth;
use Underbolt\ChartPaste\Part\PastedCups;
use Underbolt\ChartPaste\Part\PastedFits;
use Underbolt\ChartPaste\Part\PastedPart;
use Underbolt\Measure\Unit;

/** @return list<string> `cup from-to` */
function cupLines(PastedPart $part): array
{
    return array_map(static fn (array $cup): string => "{$cup['cup']} {$cup['from']}-{$cup['to']}", array_merge(...array_column($part->document['cup_rules'], 'table')));
}

/** @return list<?string> */
function doubtsOf(PastedPart $part): array
{
    return array_map(static fn ($row): ?string => $row->doubt, $part->rows);
}

test('a table of cups is read, whichever way it stands', function (string $text, array $cups): void {
    $part = PastedCups::read($text, Unit::Centimetre);
    expect(cupLines($part))->toBe($cups)->and($part->openUnits)->toBe([]);
})->with([
    'letters down' => ["Cup\tDifference\nB\t5-7.5\nA\t2.5-5", ['A 2.5-5', 'B 5-7.5']],
    'inches in a sheet of centimetres' => ["A\t1\" - 2\"\nB\t2\" - 3\"", ['A 1"-2"', 'B 2"-3"']],
    'the unit in the title' => ["Cup sizes in inches\nA  1 1/2 - 2 1/2\nB  2 1/2 - 3 1/2", ['A 1 1/2 in-2 1/2 in', 'B 2 1/2 in-3 1/2 in']],
    'the unit by the steps' => ["A  0-1\nB  1-2\nC  2-3", ['A 0 in-1 in', 'B 1 in-2 in', 'C 2 in-3 in']],
    'letters across' => ["Cup  A  B  C\nfrom  2.5  5  7.5\nto  5  7.5  10", ['A 2.5-5', 'B 5-7.5', 'C 7.5-10']],
    'ranges across' => ["Cup\tA\tB\nDifference (in)\t0-1\t1-2", ['A 0 in-1 in', 'B 1 in-2 in']],
    'the letter behind' => ["0 - 4 cm = A\n4 - 6 cm = B", ['A 0-4 cm', 'B 4-6 cm']],
    'Markdown' => ["| Cup | From | To |\n|---|---|---|\n| B | 5 | 7,5 |\n| DD | 10 | 12,5 |", ['B 5-7,5', 'DD 10-12,5']],
    'ends alone' => ["A up to 5 cm\nB up to 7.5 cm\nC 7.5 - 10 cm", ['A 0-5 cm', 'B 5 cm-7.5 cm', 'C 7.5-10 cm']],
]);

test('where the bust stands by size for each cup, those are rows of the chart', function (): void {
    $part = PastedCups::read("Misses\nSize\t8\t10\nB\t34 in\t35 in\nC\t35 in\t36 in\nCurvy\nSize\t16\t18\nC\t43 in\t45 in\nD\t44 in\t46 in", Unit::Inch, null, ['Misses', 'Curvy'], ['8', '10', '16']);
    expect($part->document)->toBe(['cup_rules' => [], 'cup_rows' => [
        ['chart' => 'body_chart', 'cup' => 'B', 'figures' => ['34 in', '35 in', null]],
        ['chart' => 'body_chart', 'cup' => 'C', 'figures' => ['35 in', '36 in', '43 in']],
        ['chart' => 'body_chart', 'cup' => 'D', 'figures' => [null, null, '44 in']],
    ]])
        ->and($part->leftOut)->toBe(['18: is no size of this pattern'])
        ->and($part->head)->toBe(['8', '10', '16']);
});

test('the letters behind what is sewn are its views', function (): void {
    $part = PastedCloth::read("\t8\t10\nDress A/C 140 cm\t2.5 m\t2.6 m\nLining B\t1 m\t1.1 m", Unit::Centimetre, ['8', '10']);
    expect(array_map(static fn (array $need): array => [$need['view'], $need['cloth'], $need['width']], $part->document['fabric_needs']))
        ->toBe([['A/C', 'Dress', '140 cm'], ['B', 'Lining', null]]);
});

test('what a table of cups leaves open is marked or asked', function (): void {
    $open = PastedCups::read("A\tfrom 1 in\nB\tfrom 2 in", Unit::Centimetre);
    expect(doubtsOf($open))->toBe([null, 'It isn\'t said where this cup ends: type its upper figure, as on the paper.'])
        ->and(doubtsOf(PastedCups::read("A\t5-2", Unit::Centimetre)))->toBe(['This range runs backwards.'])
        ->and(PastedCups::read("A\t1.5-3\nB\t3-4.5", Unit::Centimetre)->openUnits)->toBe(['cm', 'in'])
        ->and(cupLines(PastedCups::read("A\t1.5-3\nB\t3-4.5", Unit::Centimetre, Unit::Inch)))->toBe(['A 1.5 in-3 in', 'B 3 in-4.5 in'])
        ->and(PastedCups::read("Measure first\nA\t2-5", Unit::Centimetre)->leftOut)->toBe(['Measure first: no cup with its figures'])
        ->and(PastedCups::read('', Unit::Centimetre)->rows)->toBe([]);
});

test('two envelopes have two rules, each with its own measure, and are never one', function (string $text, array $rules, array $doubts): void {
    $part = PastedCups::read($text, Unit::Centimetre, ranges: ['Misses', 'Plus']);
    $said = array_map(
        static fn (array $rule): string => "{$rule['range']} {$rule['measure']}: ".implode(', ', array_map(static fn (array $cup): string => "{$cup['cup']} {$cup['from']}-{$cup['to']}", $rule['table'])),
        $part->document['cup_rules'],
    );
    expect($said)->toBe($rules)->and(array_values(array_unique(array_filter(doubtsOf($part)))))->toBe($doubts);
})->with([
    'each under its name' => [
        "MISSES 6-16: full bust less high bust\nB\t4-6 cm\nC\t6-9 cm\nPLUS 18W-24W: front half less underbust\nB\t3-5 cm\nC\t5-8 cm",
        ['Misses high_bust_difference: B 4-6 cm, C 6-9 cm', 'Plus front_half_difference: B 3-5 cm, C 5-8 cm'], [],
    ],
    'side by side' => ["Cup\tMisses\tPlus\nB\t4-6 cm\t3-5 cm\nC\t6-9 cm\t5-8 cm", ['Misses : B 4-6 cm, C 6-9 cm', 'Plus : B 3-5 cm, C 5-8 cm'], []],
    'the letters begin anew' => ["B\t4-6 cm\nC\t6-9 cm\nB\t3-5 cm\nC\t5-8 cm", ['Misses : B 4-6 cm, C 6-9 cm', 'Plus : B 3-5 cm, C 5-8 cm'], []],
    'an unknown envelope' => ["Petite\nB\t4-6 cm\nC\t6-9 cm", [' : B 4-6 cm, C 6-9 cm'], ['No envelope of this pattern is called Petite: it is taken for the pattern\'s own rule.']],
    'cups that overlap' => ["B\t4-7 cm\nC\t6-9 cm", [' : B 4-7 cm, C 6-9 cm'], ['It overlaps with cup B: one difference can\'t be two cups.']],
]);

test('a table of cloth is read by view, width and size', function (string $text, array $needs, array $notions = []): void {
    $part = PastedCloth::read($text, Unit::Centimetre, ['8', '10', '12']);
    $said = array_map(
        static fn (array $need): string => "{$need['view']}|{$need['cloth']}|{$need['width']}|".implode(',', array_map(strval(...), $need['amounts'])),
        $part->document['fabric_needs'],
    );
    expect($said)->toBe($needs)->and($part->openUnits)->toBe([])
        ->and(array_map(static fn (array $one): string => "{$one['name']}: ".implode(',', $one['by_size']), $part->document['notions']))->toBe($notions);
})->with([
    'view and width in a label' => [
        "Size\t8\t10\t12\nView A, 45 in (115 cm)\t2 1/8 yd\t2 1/4\t2 3/8\n150 cm\t2 yd\t2\t2\nLining 90 cm\t1 yd\t1\t1",
        ['A|main cloth|115 cm|2 1/8 yd,2 1/4 yd,2 3/8 yd', 'A|main cloth|150 cm|2 yd,2 yd,2 yd', '|Lining|90 cm|1 yd,1 yd,1 yd'],
    ],
    'headings and spaces' => [
        "View B\nSize   8   10   12\nMetres\n115 cm   2.1   2.2   2.3\nLining\n150 cm   1.2   1.2   1.3",
        ['B|main cloth|115 cm|2.1 m,2.2 m,2.3 m', 'B|Lining|150 cm|1.2 m,1.2 m,1.3 m'],
    ],
    'sizes together, and notions' => [
        "Yards\nSize\t8-10\t12\nMain fabric 45\"\t2 1/2\t3\nButtons\t6\t7",
        ['|Main fabric|45 in|2 1/2 yd,2 1/2 yd,3 yd'],
        ['Buttons: 6,6,7'],
    ],
    'a letter is its view, the figure behind it the width, a title no name' => [
        "Fabric requirements for the Skerry dress\nSize\t8\t10\t12\nA 45\t2 yd\t2 1/4\t2 1/2\nB, C 60\"\t1 1/2 yd\t1 3/4\t2\nLining\nC 45 in\t1 yd\t1\t1",
        ['A|main cloth|45 in|2 yd,2 1/4 yd,2 1/2 yd', 'B, C|main cloth|60 in|1 1/2 yd,1 3/4 yd,2 yd', 'C|Lining|45 in|1 yd,1 yd,1 yd'],
    ],
    'the width in a column of its own' => ["Size\t\t8\t10\t12\nA\t115\t2.1 m\t2.2\t2.3\nView B\t150 cm\t1.7 m\t1.8\t1.9", ['A|main cloth|115 cm|2.1 m,2.2 m,2.3 m', 'B|main cloth|150 cm|1.7 m,1.8 m,1.9 m']],
    'between spaces' => ["Yards\nSize 8 10 12\nA 45 2 2 1/4 2 1/2\nC 45 2 1/8 2 1/4 2 3/8", ['A|main cloth|45 in|2 yd,2 1/4 yd,2 1/2 yd', 'C|main cloth|45 in|2 1/8 yd,2 1/4 yd,2 3/8 yd']],
    'sizes in another order' => ["Size\t12\t8\n140 cm\t2.4 m\t2.2 m", ['|main cloth|140 cm|2.2 m,,2.4 m']],
]);

test('what a table of cloth leaves open is marked or asked', function (): void {
    $sizes = ['8', '10', '12'];
    $open = PastedCloth::read("Size\t8\t10\t16\n140 cm\t2.2\t2.3\t2.4", Unit::Centimetre, $sizes);
    $told = PastedCloth::read("Size\t8\t10\t16\n140 cm\t2.2\t2.3\t2.4", Unit::Centimetre, $sizes, 'yd');
    $long = PastedCloth::read("Size\t8\t10\t12\n140 cm\t2 m\t2\tfew\t4", Unit::Centimetre, $sizes);
    expect($open->openUnits)->toBe(['m', 'yd'])->and($open->leftOut)->toBe(['16: is no size of this pattern'])
        ->and($told->openUnits)->toBe([])->and($told->document['fabric_needs'][0]['amounts'])->toBe(['2.2 yd', '2.3 yd', null])
        ->and(doubtsOf($long))->toBe(['4 amounts for 3 sizes: look which belongs where.'])
        ->and(doubtsOf(PastedCloth::read("Size\t8\t10\t12\n140 cm\t2\t2\tfew", Unit::Centimetre, $sizes, 'm')))->toBe(['"few" is no amount.']);
});

test('finished figures by view, fit or cup are read into parts of their own', function (string $text, array $parts): void {
    $part = PastedFits::read($text, Unit::Centimetre, ['8', '10', '12'], ['A', 'B'], ['slim', 'curvy']);
    expect($part->document['finished_by'])->toBe($parts)->and(array_filter(doubtsOf($part)))->toBe([]);
})->with([
    'blocks under headings' => ["Slim\nSize\t8\t10\t12\nBust\t90\t94\t98\nCurvy\nBust\t94\t98\t102", [
        ['fit' => 'slim', 'finished' => ['full_bust' => ['90', '94', '98']]], ['fit' => 'curvy', 'finished' => ['full_bust' => ['94', '98', '102']]],
    ]],
    'named in the rows' => ["Size\t8\t10\t12\nBust (slim)\t90\t94\t98\nHip, view B\t100\t104\t108", [
        ['fit' => 'slim', 'finished' => ['full_bust' => ['90', '94', '98']]], ['view' => 'B', 'finished' => ['hip' => ['100', '104', '108']]],
    ]],
    'by cup, sizes missing' => ["Size\t12\t8\nBust C cup\t98\t90", [['cup' => 'C', 'finished' => ['full_bust' => ['90', null, '98']]]]],
    'a view that is only its letter' => ["B\nHip\t100\t104\t108", [['view' => 'B', 'finished' => ['hip' => ['100', '104', '108']]]]],
    'inches' => ["View A\nBust   36 1/4   38   40", [['view' => 'A', 'finished' => ['full_bust' => ['36 1/4 in', '38 in', '40 in']]]]],
]);

test('a row that names no view, fit or cup is left out and asked about', function (): void {
    $part = PastedFits::read("Size\t8\t10\nBust\t90\t94\nCollar, slim\t40\t41", Unit::Centimetre, ['8', '10'], [], ['slim']);
    expect($part->document['finished_by'])->toBe([])
        ->and(doubtsOf($part))->toBe(['For which view, fit or cup? It is left out until the line says.', 'Which row is this? It is left out.']);
});
