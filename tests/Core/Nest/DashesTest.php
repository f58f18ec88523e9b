<?php

declare(strict_types=1);

use Tests\Support\HouseDrawing;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\Mending\Dashes;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\SvgReader;

/** A curve of a seam, as far to the right as is said. */
function seamAt(float $x, int $points = 400): Line
{
    return Line::through(array_map(static fn (int $i): array => [$x + 12 * sin($i / $points * 5), 700 * $i / $points], range(0, $points)));
}

/** @return list<DrawnLine> of a line each dash by itself, some the other way round */
function dashes(Line $line, string $size, float $long = 6.0, float $gap = 1.8): array
{
    $dashes = [];
    for ($from = 0.0, $i = 0; $from + $long < $line->length(); $from += $long + $gap, $i++) {
        $dash = $line->between($from, $from + $long);
        $dashes[] = new DrawnLine("{$size}-{$i}", [], 'black', '', [$i % 3 === 0 ? $dash->reversed() : $dash]);
    }

    return $dashes;
}

function joinedOf(DrawnLine ...$lines): NestDrawing
{
    return Dashes::joined(new NestDrawing(array_values($lines), 500.0, 800.0, true, []));
}

test('dashes become one line for each size, however near the sizes lie', function (float $apart, float $long, float $gap): void {
    mt_srand(7);
    $all = array_merge(...array_map(static fn (int $size): array => dashes(seamAt(100 + $apart * $size), (string) $size, $long, $gap), range(0, 7)));
    shuffle($all);
    $lines = joinedOf(...$all)->lines;
    expect($lines)->toHaveCount(8);
    foreach ($lines as $line) {
        $size = (int) explode('-', $line->id)[0];
        $seam = seamAt(100 + $apart * $size);
        expect($line->runs[0]->length())->toBeGreaterThan($seam->length() - $long - $gap - 1.0);
        foreach ([0.0, 120.0, 400.0, 650.0] as $way) {
            expect($seam->nearest(...$line->runs[0]->at($way))[1])->toBeLessThan(0.05);
        }
    }
})->with([[10.0, 6.0, 1.8], [2.5, 6.0, 1.8], [1.5, 3.0, 1.0], [5.0, 0.01, 1.0], [8.0, 20.0, 0.0]]);

test('a line of dashes answers to each of their names, and one that goes round is closed', function (): void {
    $circle = Line::through(array_map(static fn (int $i): array => [200 + 80 * cos($i / 720 * 2 * M_PI), 200 + 80 * sin($i / 720 * 2 * M_PI)], range(0, 720)));
    $drawing = joinedOf(...dashes($circle, '8', 5.0, 1.7));
    expect($drawing->lines)->toHaveCount(1)->and($drawing->lines[0]->runs[0]->isClosed)->toBeTrue()
        ->and($drawing->line('8-3 8-4', 'lines.8')->length())->toEqualWithDelta($circle->length(), 0.5);
});

test('what is no dash stays: corners, other looks, other groups, two in a row, ticks side by side', function (): void {
    $svg = static fn (string $inside): int => count(Dashes::joined(SvgReader::read("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200mm\" height=\"200mm\" viewBox=\"0 0 200 200\">{$inside}</svg>"))->lines);
    expect($svg('<g fill="none" stroke="#000"><path d="M0 0h10"/><path d="M11 0h10"/></g>'))->toBe(2)
        ->and($svg('<g fill="none" stroke="#000"><path d="M0 0h10"/><path d="M11 0h10"/><path d="M22 0h10"/></g>'))->toBe(1)
        ->and($svg('<g fill="none"><path stroke="#000" d="M0 0h10"/><path stroke="#f00" d="M11 0h10"/><path stroke="#000" d="M22 0h10"/></g>'))->toBe(3)
        ->and($svg('<g fill="none" stroke="#000"><g id="8"><path d="M0 0h10"/></g><g id="10"><path d="M11 0h10"/></g><g id="12"><path d="M22 0h10"/></g></g>'))->toBe(3)
        ->and($svg('<g fill="none" stroke="#000"><path d="M0 0h10"/><path d="M10 0v10"/><path d="M10 10h-10"/></g>'))->toBe(3)
        ->and($svg('<g fill="none" stroke="#000"><path d="M0 0h8"/><path d="M0 1h8"/><path d="M0 2h8"/><path d="M0 3h8"/></g>'))->toBe(4);
});

test('sizes in dashes that look alike and lie in no layer: no line holds two sizes, side seams are whole, and what is left is told', function (float $long, float $gap): void {
    $dashes = array_merge(...array_map(static fn (int $size): array => dashes(HouseDrawing::outline($size), (string) $size, $long, $gap), range(0, 7)));
    mt_srand(11);
    shuffle($dashes);
    $drawing = joinedOf(...$dashes);
    $seams = [];
    foreach ($drawing->lines as $line) {
        $run = $line->runs[0];
        if ($run->length() <= 2 * $long) {
            continue;
        }
        // Its last dash may be another's at a corner where the sizes cross.
        $places = array_map(static fn (float $share): array => $run->at($long + $share * ($run->length() - 2 * $long)), range(0.0, 1.0, 0.1));
        $on = array_filter(range(0, 7), static fn (int $size): bool => max(array_map(static fn (array $at): float => HouseDrawing::outline($size)->nearest(...$at)[1], $places)) < 0.3);
        expect($on)->not->toBe([], "{$line->id} is on no size as a whole");
        // All but the corners of the side seam, which is 770 mm long.
        $run->length() < 700 ?: $seams[reset($on)] = true;
    }
    expect($seams)->toHaveCount(8)->and($drawing->notes[0] ?? '')->toContain('little lines are left as they are');
})->with([[6.0, 1.8], [4.0, 1.5], [10.0, 2.5]]);
