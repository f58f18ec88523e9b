<?php

declare(strict_types=1);

use Underbolt\Fault;
use Underbolt\File\MakeReader;
use Underbolt\Refusal;

use function Tests\Core\makeFile;
use function Tests\Core\planOf;

/** @return list<string> the faults as the command prints them */
function faultsOf(string $json): array
{
    try {
        MakeReader::read($json);
    } catch (Refusal $refusal) {
        return array_map(static fn (Fault $fault): string => $fault->line(), $refusal->faults());
    }

    return [];
}

test('a fault names its field and the remedy', function (array $changes, string $fault): void {
    expect(faultsOf(makeFile($changes)))->toBe([$fault]);
})->with([
    [['format' => 'other/file'], 'format: must be "underbolt/make"; is this another kind of file?'],
    [['version' => 2], 'version: must be 1, the version this program reads'],
    [['unit' => 'ell'], 'unit: must be one of cm, in'],
    [['body' => null], 'body: is missing'],
    [['pattern' => null], 'pattern: is missing'],
    [['pattern.sizes' => null], 'pattern.sizes: is missing'],
    [['pattern.body_chart' => null], 'pattern.body_chart: is missing'],
    [['pattern.colour' => 'red'], 'pattern.colour: is no key known here; keys of your own begin with x_'],
    [['body.waste' => 70], 'body.waste: is no key known here; keys of your own begin with x_'],
    [['body.waist' => 'seventy'], 'body.waist: "seventy" is not a figure; type one such as 95.5, 37 3/4 or 37"'],
    [['body.waist' => 7], 'body.waist: 7 cm is too small: the least a girth can be here is 20 cm; is the unit right?'],
    [['body.waist' => 1e300], 'body.waist: 1000000 cm is too large: the most a girth can be here is 300 cm; is the unit right?'],
    [['body.waist' => true], 'body.waist: must be a figure such as 95.5 or "37 3/4"'],
    [['body' => [1, 2]], 'body: must be an object, {"name": value, ...}'],
    [['pattern.sizes' => ['8', '10', '12', '14', '16', '8']], 'pattern.sizes[5]: "8" stands twice; each size needs a name of its own'],
    [['pattern.sizes' => []], 'pattern.sizes: must name from 1 to 60 sizes, the smallest first'],
    [
        ['pattern.body_chart.waist' => [66, 70]],
        'pattern.body_chart.waist: has 2 figures for 6 sizes; give one for each size, null where none is printed',
    ],
    [
        ['pattern.body_chart.waist' => [66, 70, 74, 78, 82, 87, 92]],
        'pattern.body_chart.waist: has 7 figures for 6 sizes; give one for each size, null where none is printed',
    ],
    [['pattern.body_chart.waist' => 66], 'pattern.body_chart.waist: must be a list, [value, ...]'],
    [['pattern.finished.high_bust' => []], 'pattern.finished.high_bust: is no key known here; keys of your own begin with x_'],
    [['pattern.levels.bust' => 'vital'], 'pattern.levels.bust: must be one of critical, matters, free'],
    [['pattern.seam.edges' => ['bust' => 0]], 'pattern.seam.edges.bust: must be a whole number from 1 to 40'],
    [['pattern.fabric' => ['kind' => 'felt']], 'pattern.fabric.kind: must be one of woven, knit'],
    [['pattern.fabric' => ['stretch_percent' => -1]], 'pattern.fabric.stretch_percent: must be a number from 0 to 300'],
    [['pattern.ranges' => [['name' => 'a', 'sizes' => ['7']]]], 'pattern.ranges[0].sizes[0]: is not among the sizes of the pattern'],
    [['pattern.ranges' => [['sizes' => ['8']]]], 'pattern.ranges[0].name: is missing'],
    [['body.waist' => null, 'readings' => ['waist' => array_fill(0, 10, 74)]], 'readings.waist: has 10 entries; at most 9 are read'],
    [['pattern.pieces' => array_fill(0, 61, ['name' => 'front'])], 'pattern.pieces: has 61 entries; at most 60 are read'],
    [['pattern.views' => array_map(strval(...), range(1, 41))], 'pattern.views: has 41 entries; at most 40 are read'],
    [
        ['pattern.cups' => ['table' => array_fill(0, 21, ['cup' => 'A', 'from' => 0, 'to' => 1])]],
        'pattern.cups.table: has 21 entries; at most 20 are read',
    ],
    [['choices.weights' => ['steps' => array_fill(0, 21, 1)]], 'choices.weights.steps: has 21 entries; at most 20 are read'],
    [['pattern.cut_as' => 'bias'], 'pattern.cut_as: must be one of blended, one_size'],
    [['choices.by_hand' => ['hip' => ['side' => 1]]], 'choices.by_hand.hip.side: is no key known here; keys of your own begin with x_'],
    [['choices.sizes' => ['bust' => '9']], 'choices.sizes.bust: "9" is not among the sizes of the pattern'],
    [['choices.lead' => 'shoulder'], 'choices.lead: must be one of full_bust, cup, high_bust, high_bust_as_is, cross_front'],
    [['choices.largest_step' => 1.5], 'choices.largest_step: must be a whole number from 0 to 60'],
    [
        ['choices.station_every' => 0],
        'choices.station_every: 0 cm is too small: the least a length can be here is 1 cm; is the unit right?',
    ],
]);

test('every fault of a file is told at once', function (): void {
    $faults = faultsOf(makeFile(['body.waist' => 'x', 'body.hip' => 'y', 'choices.ease' => 'some']));
    expect($faults)->toHaveCount(3);
});

test('what is no make file is refused in one line', function (string $text, string $fault): void {
    expect(faultsOf($text))->toHaveCount(1)->and(faultsOf($text)[0])->toContain($fault);
})->with([
    'nothing' => ['', 'this is no JSON file'],
    'a text' => ['size 14', 'this is no JSON file'],
    'half a file' => ['{"format": "underbolt/make",', 'this is no JSON file'],
    'a list' => ['[]', 'a make file is a JSON object'],
    'nested without end' => [str_repeat('[', 100).str_repeat(']', 100), 'this is no JSON file'],
    'far too large' => [str_repeat(' ', 2_000_001), 'larger than 2000 kB'],
]);

test('a key with a line break in it still gives one line', function (): void {
    expect(faultsOf(makeFile(["body.wa\nist" => 70]))[0])->toStartWith('body.wa ist:');
});

test('keys of your own and nulls are read past', function (): void {
    expect(
        faultsOf(
            makeFile([
                'x_note' => ['any' => 'thing'],
                'pattern.x_shelf' => 3,
                'body.x_mood' => 'good',
                'pattern.finished' => ['waist' => null],
            ]),
        ),
    )->toBe([]);
});

test('an inch file dwells an inch and gives a station every inch', function (): void {
    $choices = planOf([
        'unit' => 'in',
        'body' => ['full_bust' => 92],
        'pattern.seam' => (object) [],
        'pattern.finished' => null,
    ])->make->choices;
    expect([$choices->dwell->nanometres, $choices->stationEvery->nanometres])->toBe([25_400_000, 25_400_000]);
});
