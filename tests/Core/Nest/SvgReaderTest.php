<?php

declare(strict_types=1);

use Tests\Support\Worked;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\SvgReader;

/** A drawing of 200 by 100 mm with these elements in it. */
function drawing(string $inside, string $head = 'width="200mm" height="100mm" viewBox="0 0 200 100"'): NestDrawing
{
    return SvgReader::read("<svg xmlns=\"http://www.w3.org/2000/svg\" xmlns:xlink=\"http://www.w3.org/1999/xlink\" xmlns:inkscape=\"http://www.inkscape.org/namespaces/inkscape\" {$head}>{$inside}</svg>");
}

/** @return list<array{float, float}> the places of the first line, to a thousandth */
function placesOf(NestDrawing $drawing): array
{
    return array_map(static fn (array $place): array => [round($place[0], 3), round($place[1], 3)], $drawing->lines[0]->runs[0]->points());
}

test('a drawing says how large it is in any unit', function (string $head, float $width, array $end): void {
    $drawing = drawing('<path d="M0 0L10 10"/>', $head);
    expect($drawing->widthMm)->toEqualWithDelta($width, 0.001)->and(placesOf($drawing)[1])->toEqualWithDelta($end, 0.001);
})->with([
    ['width="200mm" height="100mm" viewBox="0 0 200 100"', 200.0, [10.0, 10.0]],
    ['width="20cm" height="10cm" viewBox="0 0 400 200"', 200.0, [5.0, 5.0]],
    ['width="2in" height="1in" viewBox="0 0 2 1"', 50.8, [254.0, 254.0]],
    ['width="144pt" height="72pt" viewBox="0 0 144 72"', 50.8, [3.528, 3.528]],
    ['width="12pc" height="6pc" viewBox="0 0 192 96"', 50.8, [2.646, 2.646]],
    ['width="192px" height="96"', 50.8, [2.646, 2.646]],
    ['width="200mm" viewBox="0 0 100 50"', 200.0, [20.0, 20.0]],
    ['width="200mm" height="200mm" viewBox="0 0 100 50"', 200.0, [20.0, 70.0]],
    ['width="200mm" height="200mm" viewBox="0 0 100 50" preserveAspectRatio="none"', 200.0, [20.0, 40.0]],
    ['width="200mm" height="200mm" viewBox="0 0 100 50" preserveAspectRatio="xMinYMin meet"', 200.0, [20.0, 20.0]],
    ['width="200mm" height="100mm" viewBox="10 10 200 100"', 200.0, [0.0, 0.0]],
]);

test('without a size it says so', function (string $head): void {
    expect(drawing('<path d="M0 0L10 10"/>', $head)->hasSize)->toBeFalse();
})->with(['', 'viewBox="0 0 100 100"', 'width="100%" height="100%" viewBox="0 0 100 100"']);

test('every kind of shape is a line', function (string $shape, array $places): void {
    expect(placesOf(drawing($shape)))->toBe($places);
})->with([
    ['<line x1="1" y1="2" x2="3cm" y2="4"/>', [[1.0, 2.0], [113.386, 4.0]]],
    ['<polyline points="1,2 3,4 5 6"/>', [[1.0, 2.0], [3.0, 4.0], [5.0, 6.0]]],
    ['<polygon points="1,2 3,4 5 6"/>', [[1.0, 2.0], [3.0, 4.0], [5.0, 6.0], [1.0, 2.0]]],
    ['<rect x="1" y="2" width="3" height="4"/>', [[1.0, 2.0], [4.0, 2.0], [4.0, 6.0], [1.0, 6.0], [1.0, 2.0]]],
    ['<path d="m1 2 3 4-1-1zl5 5"/>', [[1.0, 2.0], [4.0, 6.0], [3.0, 5.0], [1.0, 2.0]]],
    ['<path d="M1 2H5V6h-2v-1"/>', [[1.0, 2.0], [5.0, 2.0], [5.0, 6.0], [3.0, 6.0], [3.0, 5.0]]],
    ['<path d="M1,2L3.5.5-1e1,+4"/>', [[1.0, 2.0], [3.5, 0.5], [-10.0, 4.0]]],
    ['<g transform="translate(10 20)"><path transform="rotate(90) scale(2)" d="M1 2L3 4"/></g>', [[6.0, 22.0], [2.0, 26.0]]],
    ['<svg x="10" y="20" width="40" height="20" viewBox="0 0 20 10"><path d="M1 2L3 4"/></svg>', [[12.0, 24.0], [16.0, 28.0]]],
    ['<defs><g id="all"><path d="M1 2L3 4"/></g></defs><use xlink:href="#all" x="10" y="20"/>', [[11.0, 22.0], [13.0, 24.0]]],
    ['<symbol id="all"><path d="M1 2L3 4"/></symbol><use href="#all" transform="scale(2)"/>', [[2.0, 4.0], [6.0, 8.0]]],
]);

test('circles and rounded corners are round', function (): void {
    $circle = drawing('<circle cx="50" cy="50" r="40"/>')->lines[0]->runs[0];
    $rounded = drawing('<rect x="10" y="10" width="100" height="60" rx="20"/>')->lines[0]->runs[0];
    expect($circle->length())->toEqualWithDelta(2 * M_PI * 40, 0.01)->and($circle->isClosed)->toBeTrue()
        ->and($rounded->length())->toEqualWithDelta(2 * 60 + 2 * 20 + 2 * M_PI * 20, 0.01)
        ->and(drawing('<path d="M10 50a40 40 0 1180 0 40 40 0 11-80 0"/>')->lines[0]->runs[0]->length())->toEqualWithDelta(2 * M_PI * 40, 0.01);
});

test('a line has the names of its groups, its stroke and its dash', function (): void {
    $drawing = drawing('<style>.cut{stroke:#F00;stroke-dasharray:4 2} .x{fill:none}</style>'
        .'<g inkscape:label="Size 14" id="layer3" stroke="blue"><path class="cut x" d="M0 0L1 1"/><path id="a" style="stroke: black; fill: none" d="M0 0L2 2"/><path id="a" d="M0 0L3 3"/></g>');
    $said = array_map(static fn (DrawnLine $line): array => [$line->id, $line->names, $line->stroke, $line->dash], $drawing->lines);
    expect($said)->toBe([
        ['line-1', ['layer3', 'Size 14', 'cut', 'x'], '#f00', '4 2'],
        ['a', ['layer3', 'Size 14', 'a'], 'black', ''],
        ['a-2', ['layer3', 'Size 14', 'a'], 'blue', ''],
    ]);
});

test('a line drawn in parts is one, whichever way round they lie', function (): void {
    $drawing = drawing('<g id="size-8"><path d="M0 0L10 0"/><path d="M30 0L20 0"/><path d="M10 .1L20 0"/><circle cx="5" cy="50" r="1"/></g>');
    $line = $drawing->line('size-8', 'lines.8');
    expect($line->length())->toEqualWithDelta(30.0, 0.2)->and(abs($line->x[0] - $line->x[count($line->x) - 1]))->toEqualWithDelta(30.0, 0.01);
});

test('what is hidden, words and pictures are no lines', function (): void {
    $drawing = drawing('<g style="display:none"><path d="M0 0L1 1"/></g><text>14<tspan>x</tspan></text><image href="http://elsewhere.example/x.png"/><clipPath id="c"><path d="M0 0L9 9"/></clipPath><path id="seen" d="M0 0L1 1"/>');
    expect(array_map(static fn (DrawnLine $line): string => $line->id, $drawing->lines))->toBe(['seen']);
});

test('what is meant ill is refused in a sentence, or left out', function (string $svg, ?string $says): void {
    memory_reset_peak_usage();
    [$began, $before] = [Worked::seconds(), memory_get_usage()];
    try {
        $drawing = SvgReader::read($svg);
        expect($says)->toBeNull()->and(json_encode(array_map(static fn (DrawnLine $line): array => [$line->id, $line->names, $line->stroke], $drawing->lines)))->not->toContain('root:')->not->toContain('lol');
    } catch (Underbolt\Nest\UnreadableNest $refusal) {
        expect($refusal->getMessage())->toContain($says ?? 'it should be read');
    }
    expect(Worked::seconds() - $began)->toBeLessThan(4.0)->and(memory_get_peak_usage() - $before)->toBeLessThan(256 << 20);
})->with([
    'a million elements' => [fn (): string => '<svg>'.str_repeat('<g/>', 1_000_000).'</svg>', 'more than 200 000 parts'],
    'deep nesting' => [fn (): string => '<svg>'.str_repeat('<g>', 300).str_repeat('</g>', 300).'</svg>', 'nested deeper'],
    'nine megabytes' => [fn (): string => '<svg>'.str_repeat(' ', 9_000_000).'</svg>', 'larger than 8 MB'],
    'too many points' => [fn (): string => '<svg>'.str_repeat('<circle cx="9" cy="9" r="90000"/>', 30_000).'</svg>', 'more than 2 000 000 points'],
    'laughs in a billion' => ['<!DOCTYPE svg [<!ENTITY a "lol"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;"><!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;">]><svg><g id="&c;&c;"><path d="M0 0L1 1"/></g></svg>', null],
    'a file of the server' => ['<!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg><g id="&x;"><path d="M0 0L1 1"/></g></svg>', null],
    'a document type of its own' => ['<!DOCTYPE svg PUBLIC "-//W3C//DTD SVG 1.1//EN" "http://elsewhere.example/svg11.dtd"><svg><path d="M0 0L1 1"/></svg>', null],
    'a script' => ['<svg onload="alert(1)"><script>alert(1)</script><path onclick="alert(1)" d="M0 0L1 1"/></svg>', null],
    'a use of another file' => ['<svg><use href="http://elsewhere.example/a.svg#b"/><path d="M0 0L1 1"/></svg>', null],
    'a use of itself' => ['<svg><g id="a"><use href="#a"/></g></svg>', 'inside one another'],
    'uses of uses' => [fn (): string => '<svg><path id="u0" d="M0 0L1 1"/>'.implode('', array_map(fn (int $i): string => "<g id=\"u{$i}\">".str_repeat('<use href="#u'.($i - 1).'"/>', 12).'</g>', range(1, 7))).'</svg>', 'more than 200 000 parts'],
    'no numbers' => ['<svg><path d="M0 0L1 1"/><path d="M NaN 0 L 1 1"/><path d="M0 0L1e999 1"/><path d="M0 0L1e9 1"/></svg>', null],
    'no scale' => ['<svg><g transform="scale(0)"><path d="M0 0L9 9"/></g><path d="M0 0L1 1"/></svg>', null],
    'a box without width' => ['<svg width="0" height="0" viewBox="0 0 0 0"><path d="M0 0L1 1"/></svg>', null],
    'broken off' => ['<svg><path d="M0 0L1 1"/><g>', 'breaks off'],
    'another kind of file' => ['{"format": "underbolt/make"}', 'can\'t be read as SVG'],
    'nothing' => ['', 'is no SVG'],
    'no lines' => ['<svg><text>8</text></svg>', 'has no lines'],
    'a page' => ['<html><body/></html>', 'is no SVG'],
]);

test('three megabytes of twenty sizes are read within four seconds of work', function (): void {
    $lines = '';
    for ($size = 0; $size < 20; $size++) {
        $d = 'M200 100';
        for ($i = 0; $i < 6_000; $i++) {
            $d .= sprintf('l%.3F %.3F', sin($i / 900) / 10 + $size / 1000, 0.13);
        }
        $lines .= "<path id=\"s{$size}\" d=\"{$d}\"/>";
    }
    $svg = "<svg width=\"500mm\" height=\"1000mm\" viewBox=\"0 0 500 1000\">{$lines}".'<!--'.str_repeat('x', max(0, 3_000_000 - strlen($lines))).'--></svg>';
    $began = Worked::seconds();
    expect(SvgReader::read($svg)->lines)->toHaveCount(20)->and(Worked::seconds() - $began)->toBeLessThan(4.0);
});
