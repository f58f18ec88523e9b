<?php

declare(strict_types=1);

use Tests\Support\HouseDrawing;
use Underbolt\File\NestMarksReader;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestDxf;
use Underbolt\Nest\NestLine;

use function Tests\Core\planOf;

/**
 * A written DXF as another program reads it. Source: the package dxf-parser 1.1.2 of the npm registry; the layers are those of
 * ASTM D6673 (from memory).
 *
 * @return array<string, mixed>
 */
function readDxf(string $dxf): array
{
    $file = (string) tempnam(sys_get_temp_dir(), 'dxf');
    file_put_contents($file, $dxf);
    $read = shell_exec('node '.escapeshellarg(__DIR__.'/data/read-dxf.mjs').' '.escapeshellarg($file));
    unlink($file);

    return json_decode((string) $read, true, flags: JSON_THROW_ON_ERROR);
}

/**
 * The new front of a plain make on the invented drawing.
 *
 * @param  array<string, string>  $sizes
 */
function newFront(NestDrawing $drawing, array $sizes): NestLine
{
    $ends = ['underarm' => [], 'hem' => [], 'hem_fold' => [], 'armhole_top' => []];
    foreach (HouseDrawing::SIZES as $at => $size) {
        $outline = HouseDrawing::outline($at);
        $seam = array_filter($outline->points(), static fn (array $place): bool => $place[1] <= 1030 + 3 * $at);
        $hem = array_values(array_filter($seam, static fn (array $place): bool => $place[0] > 200 && $place[1] > 900));
        $ends['underarm'][$size] = $outline->at(0.0);
        $ends['hem'][$size] = end($hem);
        $ends['hem_fold'][$size] = [40.0, end($hem)[1] + 6];
        $ends['armhole_top'][$size] = [205.0 + 4 * $at, 104.0 + $at];
    }
    $marks = ['piece' => 'front', 'lines' => $sizes, 'waist_y' => 470, 'hip_y' => 670, 'lengthen_y' => null, 'grain' => null, 'fold' => 'left', 'line_is' => 'cutting'] + $ends;

    return NestLine::of(planOf(['body.waist' => 78, 'pattern.seam.seam_allowance' => 1.5]), $drawing, NestMarksReader::read(json_encode($marks, JSON_THROW_ON_ERROR)));
}

test('another reader finds a block a piece, closed polylines in millimetres, within 0.01 mm of the line', function (): void {
    $drawing = HouseDrawing::whole();
    $sizes = array_combine(HouseDrawing::SIZES, array_map(static fn (string $size): string => "size-{$size}", HouseDrawing::SIZES));
    $line = newFront($drawing, $sizes);
    $read = readDxf(NestDxf::of($drawing, $sizes, $line, 'front', 'Merrin · Grüner Rock'));

    expect($read['units'])->toBe(4)->and($read['layers'])->toBe(['1', '4', '7', '8', '14', '15'])
        ->and(array_column($read['inserted'], 1))->toBe(['FRONT', ...array_map(static fn (string $size): string => "FRONT-{$size}", HouseDrawing::SIZES)]);
    $upright = static fn (array $points): array => array_map(static fn (array $at): array => [$at[0], HouseDrawing::HEIGHT_MM - $at[1]], $points);
    $off = static function (array $points, Line $true) use ($upright): float {
        return max(array_map(static fn (array $at): float => $true->nearest(...$at)[1], $upright($points)));
    };
    foreach (range(0, 7) as $at) {
        [$printed] = $read['blocks']['FRONT-'.HouseDrawing::SIZES[$at]];
        expect([$printed['type'], $printed['layer'], $printed['closed']])->toBe(['POLYLINE', '1', true])
            ->and($off($printed['points'], HouseDrawing::outline($at)))->toBeLessThan(0.01);
    }
    $piece = array_column(array_filter($read['blocks']['FRONT'], static fn (array $one): bool => $one['type'] === 'POLYLINE'), null, 'layer');
    $said = array_column(array_filter($read['blocks']['FRONT'], static fn (array $one): bool => $one['type'] === 'TEXT'), 'text');
    expect($piece['1']['closed'])->toBeTrue()->and($off($piece['1']['points'], $line->piece))->toBeLessThan(0.01)
        ->and(Line::through([...$upright($piece['1']['points']), $upright($piece['1']['points'])[0]])->length())->toEqualWithDelta($line->piece->length(), 0.05)
        ->and(array_keys($piece))->toContain(4, 7)->and($said)->toContain('Piece Name: front', 'Units: METRIC');
    // Where sizes are hidden they are counted.
    expect(array_keys(readDxf(NestDxf::of($drawing, $sizes, $line, 'front', 'Merrin', false))['blocks']))->toBe(['FRONT', ...array_map(static fn (int $count): string => "FRONT-{$count}", range(1, 8))]);
});
