<?php

declare(strict_types=1);

use Underbolt\Fault;
use Underbolt\File\CardJson;
use Underbolt\File\CardLine;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

use function Tests\Core\cm;
use function Tests\Core\inches;

/**
 * @param  array<string, mixed>  $changes
 * @return list<string>
 */
function cardFaults(array $changes): array
{
    $document = ['format' => 'underbolt/cards', 'version' => 1, 'cards' => [
        [
            'date' => '2026-11-20',
            'foundation' => 'vest',
            'readings' => [['point' => 'waist', 'value' => '80', 'unit' => 'cm', 'reading' => 1]],
        ],
    ]];
    foreach ($changes as $path => $value) {
        data_set($document, $path, $value);
    }
    $log = CardJson::read(json_encode($document, JSON_THROW_ON_ERROR), '2026-11-23')[1];

    return array_map(static fn (Fault $fault): string => $fault->line(), $log->faults());
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
            foundation: 'vest',
            number: 1,
        ),
        new CardLine(
            point: Point::FullBust,
            text: '95,5',
            unit: Unit::Centimetre,
            length: cm(95.5),
            attempt: 2,
            date: '2026-11-20',
            foundation: 'vest',
            number: 2,
        ),
        new CardLine(
            point: Point::Waist,
            text: '80',
            unit: Unit::Centimetre,
            length: cm(80),
            attempt: 1,
            date: '2026-05-01',
            foundation: '',
            number: 3,
        ),
    ];
    [$read, $log] = CardJson::read(json_encode(CardJson::of($lines), JSON_THROW_ON_ERROR), '2026-11-23');
    expect($log->faults())->toBe([])->and($read)->toEqual($lines);
});

test('a fault names its field', function (array $changes, string $fault): void {
    expect(cardFaults($changes))->toBe([$fault]);
})->with([
    [['format' => 'other'], 'format: must be "underbolt/cards"; is this another kind of file?'],
    [['cards.0.date' => '20.11.2026'], 'cards[0].date: is no date; write it as 2026-11-23'],
    [
        ['cards.0.readings.0.value' => 'eighty'],
        'cards[0].readings[0].value: "eighty" is not a figure; type one such as 95.5, 37 3/4 or 37"',
    ],
    [
        ['cards.0.readings.0.value' => '8'],
        'cards[0].readings[0].value: 8 cm is too small: the least a girth can be here is 20 cm; is the unit right?',
    ],
    [['cards.0.readings.0.reading' => 0], 'cards[0].readings[0].reading: must be a whole number from 1 to 9'],
    [['cards.0.readings.0.unit' => 'ell'], 'cards[0].readings[0].unit: must be one of cm, in'],
    [['cards.0.colour' => 'red'], 'cards[0].colour: is no key known here; keys of your own begin with x_'],
]);

test('what is no JSON is refused in one line', function (): void {
    [$lines, $log] = CardJson::read('{"format":', '2026-11-23');
    expect($lines)->toBe([])->and($log->faults())->toHaveCount(1);
});
