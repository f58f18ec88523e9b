<?php

declare(strict_types=1);

use Underbolt\Nest\Line;
use Underbolt\Nest\LineBuilder;
use Underbolt\Nest\Matrix;
use Underbolt\Nest\PathData;
use Underbolt\Nest\PointBudget;
use Underbolt\Nest\TransformText;

/**
 * Paths as other programs see them. Sources: the packages svg-path-properties 1.3.0, bezier-js 6.1.4 and svgpath 2.6.0
 * of the npm registry; data/paths.json is made by data/paths.mjs.
 *
 * @return list<array<string, mixed>>
 */
function seenPaths(): array
{
    return json_decode((string) file_get_contents(__DIR__.'/data/paths.json'), true, flags: JSON_THROW_ON_ERROR);
}

function drawnPath(string $d, Matrix $matrix = new Matrix): Line
{
    $builder = new LineBuilder($matrix, new PointBudget);
    expect(PathData::draw($d, $builder))->toBeTrue($d);
    $lines = $builder->lines();
    expect($lines)->toHaveCount(1);

    return $lines[0];
}

test('lengths and places along five hundred paths agree with two libraries to 0.02', function (): void {
    foreach (seenPaths() as $path) {
        $line = drawnPath($path['d']);
        expect(abs($line->length() - $path['length']))->toBeLessThan(0.02, "{$path['d']}: {$line->length()} and not {$path['length']}");
        foreach ($path['on'] ?? [] as [$x, $y]) {
            expect($line->nearest($x, $y)[1])->toBeLessThan(0.02, $path['d']);
        }
        foreach ($path['curve'] ?? [] as [$x, $y, $way]) {
            $at = $line->at($way);
            expect(hypot($at[0] - $x, $at[1] - $y))->toBeLessThan(0.02, $path['d']);
        }
    }
});

test('arcs and transforms agree with a third to 0.02', function (): void {
    $compared = 0;
    foreach (seenPaths() as $path) {
        if (isset($path['transform'])) {
            $ours = drawnPath($path['d'], TransformText::read($path['transform']));
            $theirs = drawnPath($path['changed']);
            foreach ([0.0, 0.3, 0.6, 1.0] as $share) {
                [$x, $y] = $theirs->at($share * $theirs->length());
                expect($ours->nearest($x, $y)[1])->toBeLessThan(0.02, "{$path['d']} {$path['transform']}");
            }
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(150);
});
