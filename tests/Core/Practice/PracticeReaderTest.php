<?php

declare(strict_types=1);

use Underbolt\Fault;
use Underbolt\File\PracticeReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;

/** @return array<string, mixed> */
function plainFigure(): array
{
    $ring = static fn (float $z): array => ['z' => $z, 'w' => 150, 'f' => 100, 'r' => 110, 'c' => 0];

    return [
        'format' => 'underbolt/figure', 'version' => 1, 'name' => 'plain', 'rings' => array_map($ring, [700, 850, 1050, 1250, 1400]),
        'at' => ['underbust' => 1180, 'bust' => 1250, 'high_bust' => 1320, 'waist' => 1050, 'trouser_line' => 990, 'hip' => 850],
    ];
}

/** @return list<string> what is wrong, a line each; nothing where it is read */
function faultsIn(callable $reads): array
{
    try {
        $reads();

        return [];
    } catch (FaultyFile $faulty) {
        return array_map(static fn (Fault $fault): string => $fault->line(), $faulty->faults());
    }
}

test('a figure is read whole, and what is wrong with one is said at its key', function (array $change, array $faults): void {
    expect(faultsIn(static fn () => PracticeReader::figure(json_encode([...plainFigure(), ...$change], JSON_THROW_ON_ERROR))))->toBe($faults);
})->with([
    'as it is' => [[], []],
    'with something of one\'s own' => [['x_drawn' => ['seat' => true]], []],
    'another format' => [['format' => 'underbolt/make'], ['format: must be "underbolt/figure"']],
    'too few rings' => [['rings' => [['z' => 1, 'w' => 1, 'f' => 1, 'r' => 1, 'c' => 0]]], ['rings: must be 5 or more']],
    'rings that don\'t rise' => [
        ['rings' => array_map(static fn (int $z): array => ['z' => $z, 'w' => 1, 'f' => 1, 'r' => 1, 'c' => 0], [1, 2, 2, 3, 4])], ['rings: must rise strictly from low to high'],
    ],
    'a height that is missing' => [['at' => array_diff_key(plainFigure()['at'], ['hip' => 1])], ['at.hip: is missing']],
    'upside down' => [['at' => [...plainFigure()['at'], 'bust' => 1000]], ['at: must have the bust above the waist, and the waist above the hip']],
    'an unknown key' => [['colour' => 'red'], ['colour: is no key known here; keys of your own begin with x_']],
]);

test('a placing is read with what is left out as it should be', function (): void {
    $figure = PracticeReader::figure((string) json_encode(plainFigure()));
    expect(PracticeReader::placing('{"point": "hip"}', $figure))->toEqual(new Placing(TapePoint::Hip))
        ->and(PracticeReader::placing('{"point": "hip", "height": 860, "front": -3.5, "left": 2, "over": 1, "fingers": 2, "pull": 0.5, "breath": -1, "arms": "up", "board": false, "stretched": 0.05, "starts_at": 12}', $figure))
        ->toEqual(new Placing(TapePoint::Hip, 860.0, -3.5, 2.0, 1.0, 2, 0.5, -1.0, true, false, 0.05, 12.0));
});

test('anything else in a placing is a fault', function (string $placing, array $faults): void {
    $figure = PracticeReader::figure((string) json_encode(plainFigure()));
    expect(faultsIn(static fn () => PracticeReader::placing($placing, $figure)))->toBe($faults);
})->with([
    ['{}', ['point: is missing']],
    ['{"point": "elbow"}', ['point: must be one of high_bust, bust, underbust, waist, hip']],
    ['{"point": "waist", "height": 2000}', ['height: must lie within the figure\'s rings, 700 to 1400']],
    ['{"point": "waist", "front": 61, "fingers": 1.5}', ['fingers: must be a whole number from 0 to 3', 'front: must be a number from -60 to 60']],
    ['{"point": "waist", "board": true}', ['board: is held at the hip alone']],
    ['{"point": "waist", "stretched": 0.06}', ['stretched: must be a number from 0 to 0.05']],
    ['{"point": "waist", "colour": "red"}', ['colour: is no key known here; keys of your own begin with x_']],
    ['[]', ['must be an object, {"name": value, ...}']],
]);
