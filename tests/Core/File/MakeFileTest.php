<?php

declare(strict_types=1);

use Underbolt\File\ChartCsv;
use Underbolt\File\CsvLine;
use Underbolt\File\MakeFile;
use Underbolt\Measure\Unit;

test('a figure gets its unit in words only where the file would mean another', function (string $typed, Unit $under, Unit $file, string $worded): void {
    expect(MakeFile::worded($typed, $under, $file))->toBe($worded);
})->with([
    ['95,5', Unit::Centimetre, Unit::Centimetre, '95,5'],
    ['95,5', Unit::Centimetre, Unit::Inch, '95,5 cm'],
    ['37 3/4', Unit::Inch, Unit::Centimetre, '37 3/4 in'],
    ['37"', Unit::Inch, Unit::Centimetre, '37"'],
    ['95 cm', Unit::Inch, Unit::Centimetre, '95 cm'],
]);

test('one reading is the measure, several are readings', function (): void {
    $file = MakeFile::compose(
        Unit::Inch,
        ['waist' => ['33'], 'hip' => ['40', '40 1/4']],
        ['waist' => '0.4 cm'],
        true,
        '',
        new stdClass,
        new stdClass,
        ['name' => 'Gown', 'note' => '', 'cloth' => (object) ['name' => 'wool'], 'verdict' => new stdClass],
        (object) ['x_shelf' => 3],
    );
    expect(json_encode($file))->toBe(
        '{"format":"underbolt\/make","version":1,"unit":"in","body":{"waist":"33","hand":{"waist":"0.4 cm"},"round_a_board":true},"readings":{"hip":["40","40 1\/4"]},"pattern":{},"choices":{},"name":"Gown","cloth":{"name":"wool"},"x_shelf":3}'
    )
        ->and(
            MakeFile::compose(Unit::Inch, [], [], false, 'corset', new stdClass, new stdClass, [], new stdClass),
        )->toHaveKey('foundation', 'corset')->not->toHaveKey('readings');
});

test('readings come out as texts; where a point has some they are its measure', function (): void {
    $file = json_decode(
        '{"body":{"waist":84.50,"hip":"101 1/2","bust":null,"x_mood":"fine"},"readings":{"hip":["101",102,null],"tummy":[]},"x_a":1,"unit":"cm"}'
    );
    expect(MakeFile::readings($file))->toBe(['waist' => ['84.5'], 'hip' => ['101', '102']])
        ->and(MakeFile::extras($file))->toEqual((object) ['x_a' => 1]);
});

test('a text that a spreadsheet would work out stays a text', function (string $cell, string $written): void {
    expect(CsvLine::of([$cell]))->toBe("{$written}\r\n");
})->with([
    ['=1+1', "'=1+1"], ['+49', '+49'], ['+x', "'+x"], ["\tx", "\"'\tx\""], ['-4,5', '"-4,5"'], ["'=1", "''=1"], ['@home', "'@home"], ['-x', "'-x"], ['-4', '-4'], ['84', '84'],
    ['37 3/4', '"37 3/4"'], ['95,5', '"95,5"'],
    ['say "so"', '"say ""so"""'],
]);

test('charts go out sizes across, the cup rows after the others of their chart', function (): void {
    $document = json_decode(
        '{"sizes":["8","10"],"body_chart":{"full_bust":["84",88],"waist":["66",null]},"finished":{"full_bust":["92","96"]},"cups":{"body_chart":{"C":["86","90"]},"finished":{"C":["94","98"]}}}'
    );
    expect(ChartCsv::write($document, Unit::Centimetre))->toBe(implode("\r\n", [
        'Size,8,10', '"Bust (cm)",84,88', '"Waist (cm)",66,', '"Bust, C cup (cm)",86,90', '"Finished bust (cm)",92,96',
        '"Finished bust, C cup (cm)",94,98', '',
    ]))->and(ChartCsv::write(new stdClass, Unit::Inch))->toBe("Size\r\n");
});

test('the hand that measured is kept with its unit in words', function (): void {
    $file = (object) ['x_a' => 1, 'body' => (object) ['waist' => 70, 'hand' => (object) ['waist' => 0.4, 'hip' => '3/8 in']]];
    expect(MakeFile::extras($file))->toEqual((object) ['x_a' => 1])
        ->and(MakeFile::hand($file, Unit::Centimetre))->toBe(['waist' => '0.4 cm', 'hip' => '3/8 in'])
        ->and(MakeFile::readings($file))->toBe(['waist' => ['70']]);
});
