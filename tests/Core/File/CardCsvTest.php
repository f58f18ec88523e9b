<?php

declare(strict_types=1);

use Underbolt\Fault;
use Underbolt\File\CardCsv;
use Underbolt\File\CardLine;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;
use function Tests\Core\inches;

/** @return list<string> */
function csvFaults(string $csv): array
{
    return array_map(static fn (Fault $fault): string => $fault->line(), CardCsv::read($csv, '2026-11-23')[1]->faults());
}

test('what is written comes back as it was typed', function (): void {
    $lines = [
        new CardLine(
            point: Point::FullBust,
            text: '37 3/4',
            unit: Unit::Inch,
            length: inches('37 3/4'),
            attempt: 1,
            date: '2026-11-20',
            foundation: 'bra, with "lace"',
            number: 2,
        ),
        new CardLine(
            point: Point::FullBust,
            text: '95,5',
            unit: Unit::Centimetre,
            length: cm(95.5),
            attempt: 2,
            date: '2026-11-20',
            foundation: 'bra, with "lace"',
            number: 3,
        ),
        new CardLine(
            point: Point::Waist,
            text: '29"',
            unit: Unit::Centimetre,
            length: inches('29'),
            attempt: 1,
            date: '2026-11-20',
            foundation: '',
            number: 4,
        ),
    ];
    [$read, $log] = CardCsv::read(CardCsv::write($lines), '2026-11-23');
    expect($log->faults())->toBe([])->and($read)->toEqual($lines);
});

test('a spreadsheet may change separators, order, headings and line ends', function (string $csv): void {
    [$read, $log] = CardCsv::read($csv, '2026-11-23');
    expect($log->faults())->toBe([])
        ->and([$read[0]->point, $read[0]->length, $read[0]->attempt, $read[0]->date])->toEqual([Point::Waist, cm(80.5), 1, '2026-11-23']);
})->with([
    "point,value\nwaist,80.5",
    "\u{FEFF}Point;Value;Unit\r\nWaist;80,5;cm\r\n",
    "value\tpoint\r80.5\twaist\r",
    "point,value,date,colour\n\nwaist,80.5,2026-11-23,red\n\n",
    "point,value\nwaist,\"80,5\"",
    "point,value,unit\nWaist,80.5 cm,in",
]);

test('a line that can’t be read is named by its number, with the reason', function (string $line, string $fault): void {
    expect(csvFaults("point,value,unit,reading,date,foundation\nhip,100,cm,1,2026-11-20,\n{$line}"))->toBe(["line 3: {$fault}"]);
})->with([
    ['elbow,30,cm,1,2026-11-20,', '"elbow" is no point known here; the points are named as in an exported file'],
    ['waist,eighty,cm,1,2026-11-20,', '"eighty" is not a figure; type one such as 95.5, 37 3/4 or 37"'],
    ['waist,8,cm,1,2026-11-20,', '8 cm is too small: the least a girth can be here is 20 cm; is the unit right?'],
    ['waist,80,ells,1,2026-11-20,', '"ells" is no unit here; write cm or in'],
    ['waist,80,cm,0,2026-11-20,', 'the reading must be a number from 1 to 9'],
    ['waist,80,cm,1,20.11.2026,', '"20.11.2026" is no date; write it as 2026-11-23'],
    ['waist,80,cm,1,2026-02-30,', '"2026-02-30" is no date; write it as 2026-11-23'],
    ['hip,101,cm,1,2026-11-20,', 'says the same reading as line 2; number the readings of a point 1, 2, 3'],
]);

test('a file without the two columns is refused at its heading', function (string $csv): void {
    expect(csvFaults($csv))->toHaveCount(1)->and(csvFaults($csv)[0])->toStartWith('line 1: the heading must name');
})->with(['', 'waist,80', "size,bust\n8,84", "\x00\xFF"]);

test('nothing that is thrown at it makes it fail', function (): void {
    mt_srand(20261123);
    $whole = CardCsv::write([
        new CardLine(
            point: Point::Hip,
            text: '100',
            unit: Unit::Centimetre,
            length: Length::ofNumber(100, Unit::Centimetre),
            attempt: 1,
            date: '2026-11-20',
            foundation: 'a',
        ),
    ]);
    for ($i = 0; $i < 500; $i++) {
        $csv = $whole.$whole;
        for ($cuts = mt_rand(1, 6); $cuts > 0; $cuts--) {
            $csv = substr_replace($csv, ['"', ',', "\n", ';', "\xC3", '', '9'][mt_rand(0, 6)], mt_rand(0, strlen($csv)), mt_rand(0, 2));
        }
        [$lines, $log] = CardCsv::read($csv, '2026-11-23');
        expect(count($lines) + count($log->faults()))->toBeGreaterThan(0);
    }
});
