<?php

declare(strict_types=1);

use Underbolt\File\CardJson;
use Underbolt\File\NewestCard;
use Underbolt\File\PatternFileReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

/** @param  list<array<string, mixed>>  $cards */
function cardsFile(array $cards): string
{
    return (string) json_encode(['format' => 'underbolt/cards', 'version' => 1, 'cards' => $cards]);
}

test('of a file of cards the newest is the body, with all tries of its points', function (): void {
    [$lines, $log] = CardJson::read(cardsFile([
        ['date' => '2026-04-09', 'foundation' => 'vest', 'readings' => [['point' => 'waist', 'value' => '90', 'unit' => 'cm'], ['point' => 'hip', 'value' => '110', 'unit' => 'cm']]],
        ['date' => '2026-11-17', 'foundation' => 'vest', 'readings' => [
            ['point' => 'waist', 'value' => '85', 'unit' => 'cm', 'reading' => 2], ['point' => 'waist', 'value' => '84', 'unit' => 'cm', 'reading' => 1],
        ]],
    ]), '2026-11-26');
    $body = NewestCard::body($lines);
    expect($log->faults())->toBe([])
        // The smallest of the waist's tries; the hip of an older card is not on this one.
        ->and($body?->at(Point::Waist)?->nanometres)->toBe(840_000_000)
        ->and($body?->spreadAt(Point::Waist)->nanometres)->toBe(10_000_000)
        ->and($body?->at(Point::Hip))->toBeNull()
        ->and(NewestCard::body([]))->toBeNull();
});

test('a pattern file gives the pattern, a make file its choices as well', function (): void {
    $pattern = ['sizes' => ['8', '10'], 'body_chart' => ['waist' => [66, 70]], 'fabric' => ['kind' => 'woven']];
    $alone = PatternFileReader::read((string) json_encode(['format' => 'underbolt/pattern', 'version' => 1, 'unit' => 'in', 'pattern' => $pattern]));
    expect($alone->unit)->toBe(Unit::Inch)->and($alone->pattern->sizes)->toBe(['8', '10'])->and($alone->choices->pick)->toBeNull();
    $make = PatternFileReader::read((string) json_encode([
        'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm', 'body' => ['waist' => 70], 'pattern' => $pattern, 'choices' => ['pick' => 'level'],
    ]));
    expect($make->choices->pick?->value)->toBe('level');
});

test('a file that holds no pattern is refused with what is wrong', function (string $json, string $fault): void {
    expect(static fn (): PatternFileReader => PatternFileReader::read($json))->toThrow(FaultyFile::class, $fault);
})->with([
    ['{', 'JSON'],
    ['[]', 'must be a pattern file or a make file'],
    ['{"format": "underbolt/cards", "unit": "cm"}', 'must be a pattern file or a make file'],
    ['{"format": "underbolt/pattern", "unit": "ell", "pattern": {}}', 'with its unit'],
    ['{"format": "underbolt/pattern", "unit": "cm", "pattern": {"sizes": []}}', 'pattern.body_chart'],
    ['{"format": "underbolt/make", "unit": "cm", "pattern": {"sizes": ["8"], "body_chart": {"waist": [66]}, "fabric": {"kind": "woven"}}, "choices": {"pick": "fate"}}', 'choices.pick'],
]);
