<?php

declare(strict_types=1);

use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\SvgText;
use Underbolt\Paper\Tile;
use Underbolt\Paper\TileMarks;
use Underbolt\Paper\Tiling;

function tiled(float $width, float $height, PageFormat $page): Tiling
{
    return Tiling::of(new Drawing('A drawing', $width, $height, [], []), $page);
}

/** @return list<string> */
function tileNames(Tiling $tiling): array
{
    return array_map(static fn (Tile $tile): string => $tile->name(), $tiling->tiles);
}

test('a drawing is spread over pages that overlap by 10 mm, with margins of 10 mm', function (): void {
    $tiling = tiled(361, 700, PageFormat::A4);
    expect([$tiling->columns, $tiling->rows])->toBe([2, 3])
        ->and(tileNames($tiling))->toBe(['A1', 'A2', 'B1', 'B2', 'C1', 'C2'])
        ->and([$tiling->tiles[1]->xMm, $tiling->tiles[2]->yMm])->toBe([180.0, 262.0])
        ->and([$tiling->shownWidthMm(), $tiling->shownHeightMm()])->toBe([190.0, 272.0]);
});

test('pages lie down where that needs fewer of them; a roll never does', function (float $width, float $height, PageFormat $page, array $size): void {
    $tiling = tiled($width, $height, $page);
    expect([$tiling->pageWidthMm, $tiling->pageHeightMm])->toBe($size);
})->with([
    'upright' => [180, 270, PageFormat::A4, [210.0, 297.0]],
    'lying' => [270, 180, PageFormat::A4, [297.0, 210.0]],
    'as many either way' => [180, 180, PageFormat::A4, [210.0, 297.0]],
    'letter' => [240, 100, PageFormat::Letter, [279.4, 215.9]],
    'A3' => [270, 390, PageFormat::A3, [297.0, 420.0]],
    'A0' => [1100, 700, PageFormat::A0, [1189.0, 841.0]],
    'a roll as long as is needed' => [500, 3000, PageFormat::Roll, [914.4, 3025.0]],
    'its own size' => [361, 912, PageFormat::Whole, [381.0, 937.0]],
]);

test('whatever the size, the pages show every place, and no page is left over', function (PageFormat $page): void {
    mt_srand(11);
    foreach (range(1, 60) as $ignored) {
        [$width, $height] = [mt_rand(50, 20_000) / 10, mt_rand(50, 30_000) / 10];
        $tiling = tiled($width, $height, $page);
        $last = $tiling->tiles[count($tiling->tiles) - 1];
        expect($last->xMm + $tiling->shownWidthMm())->toBeGreaterThanOrEqual($width - 1e-6)
            ->and($last->yMm + $tiling->shownHeightMm())->toBeGreaterThanOrEqual($height - 1e-6)
            ->and($last->column === 0 || $last->xMm + Tiling::OVERLAP_MM < $width)->toBeTrue()
            ->and($last->row === 0 || $last->yMm + Tiling::OVERLAP_MM < $height)->toBeTrue();
    }
})->with(PageFormat::cases());

test('a drawing as large as a page fits on one', function (): void {
    expect(tileNames(tiled(190, 272, PageFormat::A4)))->toBe(['A1'])
        ->and(tileNames(tiled(190.1, 272, PageFormat::A4)))->toBe(['A1', 'A2'])
        ->and(array_slice(tileNames(tiled(100, 7850, PageFormat::A4)), -5))->toBe(['Z1', 'AA1', 'AB1', 'AC1', 'AD1']);
});

test('each page names its joins, shows a map and says that nothing is scaled', function (): void {
    $tiling = tiled(361, 700, PageFormat::A4);
    $words = static fn (int $tile): array => array_values(array_map(
        static fn (Label $label): string => $label->text,
        array_filter(TileMarks::of($tiling, $tiling->tiles[$tile]), static fn (Path|Label $mark): bool => $mark instanceof Label),
    ));
    expect($words(0))->toBe(['A1-A2', 'A1-B1', 'A drawing · page A1, 1 of 6 · print at 100 %, never “fit to page”'])
        ->and(array_slice($words(3), 0, -1))->toBe(['B1-B2', 'B2-C2', 'A2-B2'])
        ->and(count(array_filter(TileMarks::of($tiling, $tiling->tiles[0]), static fn ($mark): bool => $mark instanceof Path && $mark->pen === Pen::Station)))
        ->toBe(6);
    $one = tiled(100, 100, PageFormat::A4);
    expect(TileMarks::of($one, $one->tiles[0]))->toHaveCount(5);
});

test('the marks that prove the scale are 200 mm, 5 cm and 2 in, and lie on the first page', function (PageFormat $page, float $width, float $height): void {
    $tiling = tiled($width, $height, $page);
    $longest = [];
    foreach (array_filter($tiling->drawing->paths, static fn (Path $path): bool => $path->group === 'test-squares') as $path) {
        $longest[] = max(array_map(
            static fn ($cubic): float => hypot($cubic->end->xMm - $cubic->start->xMm, $cubic->end->yMm - $cubic->start->yMm),
            $path->cubics,
        ));
        foreach ($path->cubics as $cubic) {
            expect($cubic->end->xMm)->toBeLessThanOrEqual($tiling->shownWidthMm())->and($cubic->end->yMm)->toBeLessThanOrEqual($tiling->shownHeightMm());
        }
    }
    expect($longest)->toBe([50.0, 50.8, 200.0]);
})->with([
    [PageFormat::A4, 361, 700], [PageFormat::A4, 1000, 180], [PageFormat::Letter, 361, 700], [PageFormat::Letter, 1000, 150],
    [PageFormat::A0, 361, 700], [PageFormat::Whole, 180, 400],
]);

test('as SVG a drawing has its size in millimetres, a group for each name, and no more than was drawn', function (): void {
    $drawing = (new Drawing('Ωλφα & <b>', 120, 80.5, [], []))->with([
        Path::through('one', Pen::Cut, [[1, 2], [3, 4], [5, 2]]), Path::box('two', Pen::Printed, 10, 10, 5, 5), new Label('one', 1, 2, '"12" <14>', 3),
    ]);
    $svg = new SimpleXMLElement(SvgText::of($drawing));
    expect((string) $svg['width'])->toBe('120mm')->and((string) $svg['height'])->toBe('80.5mm')->and((string) $svg['viewBox'])->toBe('0 0 120 80.5')
        ->and((string) $svg->title)->toBe('Ωλφα & <b>')
        ->and(array_map(strval(...), $svg->xpath('//@id')))->toBe(['one', 'two'])
        ->and((string) $svg->g[0]->text)->toBe('"12" <14>')
        ->and((string) $svg->g[0]->path['d'])->toBe('M1,2C1.667,2.667 2.333,3.333 3,4C3.667,3.333 4.333,2.667 5,2')
        ->and((string) $svg->g[1]->path['stroke-dasharray'])->toBe('4 2');
});

test('a line that is open begins anew behind the gap', function (): void {
    $gap = new Path('one', Pen::Cut, [
        ...Path::through('one', Pen::Cut, [[0, 0], [0, 10]])->cubics, ...Path::through('one', Pen::Cut, [[0, 20], [0, 30], [5, 40]])->cubics,
    ]);
    expect(array_map(count(...), $gap->runs()))->toBe([1, 2])->and(substr_count(SvgText::data($gap), 'M'))->toBe(2)
        ->and((new Path('one', Pen::Cut, []))->runs())->toBe([]);
});

test('pages that hold nothing of the line to cut are left out, but for the first one', function (): void {
    $drawing = new Drawing('A line', 500, 700, [Path::through('cut', Pen::Cut, [[400, 300], [420, 690]]), Path::through('printed', Pen::Printed, [[10, 690], [20, 690]])], []);
    $tiling = Tiling::of($drawing, PageFormat::A4);
    expect(array_map(static fn (Tile $tile): string => $tile->name(), $tiling->tiles))->toBe(['A1', 'B3', 'C3'])
        ->and($tiling->at(1, 2)?->name())->toBe('B3')->and($tiling->at(1, 1))->toBeNull();
});
