<?php

declare(strict_types=1);

use Tests\Support\HouseDrawing;
use Underbolt\Nest\ClipBox;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\Pages\PagesTogether;

/**
 * The front spread over pages, as printers do it.
 *
 * @return list<NestDrawing> row after row
 */
function spread(float $pageX, float $pageY, float $marginMm, float $overlapMm, bool $hasFrames, float $offMm = 0.0): array
{
    mt_srand(5);
    [$wide, $high] = [$pageX - 2 * $marginMm, $pageY - 2 * $marginMm];
    [$across, $down] = [$wide - $overlapMm, $high - $overlapMm];
    $pages = [];
    for ($row = 0; $row * $down + $overlapMm < HouseDrawing::HEIGHT_MM; $row++) {
        for ($column = 0; $column * $across + $overlapMm < HouseDrawing::WIDTH_MM; $column++) {
            [$x, $y] = [$column * $across, $row * $down];
            $window = new ClipBox($x, $y, $x + $wide, $y + $high);
            $lines = [];
            foreach (HouseDrawing::whole()->lines as $line) {
                foreach ($window->cut($line->runs[0]) as $part => $run) {
                    [$offX, $offY] = [mt_rand(-100, 100) / 100 * $offMm, mt_rand(-100, 100) / 100 * $offMm];
                    $lines[] = new DrawnLine("{$line->id}-{$part}", [], $line->stroke, '', [$run->changed(static fn (float $atX, float $atY): array => [$atX - $x + $marginMm + $offX, $atY - $y + $marginMm + $offY])]);
                }
            }
            if ($hasFrames) {
                $frame = [[$marginMm, $marginMm], [$marginMm + $wide, $marginMm], [$marginMm + $wide, $marginMm + $high], [$marginMm, $marginMm + $high], [$marginMm, $marginMm]];
                $lines[] = new DrawnLine('frame', [], 'black', '', [Line::through($frame)]);
                $lines[] = new DrawnLine('mark', [], 'black', '', [Line::through([[$pageX / 2 - 4, $marginMm], [$pageX / 2, $marginMm + 6], [$pageX / 2 + 4, $marginMm]])]);
            }
            $pages[] = new NestDrawing($lines, $pageX, $pageY, true, []);
        }
    }

    return $pages;
}

test('pages are put together as their lines go on, within 0.3 mm, each size one line', function (float $x, float $y, float $margin, float $overlap, bool $hasFrames, float $off): void {
    $pages = spread($x, $y, $margin, $overlap, $hasFrames, $off);
    $together = PagesTogether::of($pages);
    $layout = $together->proposed();
    [$met, $of] = $together->met($layout);
    $columns = (int) ceil((HouseDrawing::WIDTH_MM - $overlap) / ($x - 2 * $margin - $overlap));
    expect($layout->columns)->toBe($columns)
        ->and($layout->acrossMm)->toEqualWithDelta($x - 2 * $margin - $overlap, 0.3)
        ->and($layout->downMm)->toEqualWithDelta($y - 2 * $margin - $overlap, 0.3)
        ->and($met / max(1, $of))->toBeGreaterThan(0.95);
    $drawing = $together->drawing($layout);
    foreach (range(0, 7) as $size) {
        $own = array_values(array_filter($drawing->lines, static fn (DrawnLine $line): bool => $line->stroke === HouseDrawing::colour($size)));
        $outline = HouseDrawing::outline($size);
        usort($own, static fn (DrawnLine $one, DrawnLine $other): int => $other->runs[0]->length() <=> $one->runs[0]->length());
        expect($own[0]->runs[0]->length())->toBeGreaterThan(0.97 * $outline->length());
        // Where the first page begins the piece began too.
        [$offX, $offY] = [$together->window->left - $margin, $together->window->top - $margin];
        foreach ($own[0]->runs[0]->points() as [$atX, $atY]) {
            expect($outline->nearest($atX + $offX, $atY + $offY)[1])->toBeLessThan(0.3);
        }
    }
})->with([
    'A4, side by side, framed' => [210.0, 297.0, 10.0, 0.0, true, 0.0],
    'A4, side by side, bare' => [210.0, 297.0, 10.0, 0.0, false, 0.0],
    'A4, overlapping by 1 cm, framed' => [210.0, 297.0, 10.0, 10.0, true, 0.02],
    'A4, overlapping by 1 cm, bare' => [210.0, 297.0, 8.0, 10.0, false, 0.0],
    'US Letter, overlapping by half an inch' => [215.9, 279.4, 12.7, 12.7, true, 0.02],
    'A3, overlapping by 15 mm' => [297.0, 420.0, 5.0, 15.0, false, 0.0],
    'A5, side by side' => [148.0, 210.0, 6.0, 0.0, true, 0.02],
]);

test('pages that lie otherwise are put so by hand, and the lines say whether that is right', function (): void {
    $pages = spread(210.0, 297.0, 10.0, 0.0, true);
    $together = PagesTogether::of([$pages[1], $pages[0], ...array_slice($pages, 2)]);
    $proposed = $together->proposed();
    [$met, $of] = $together->met($proposed);
    $cells = $proposed->cells;
    [$cells[0], $cells[1]] = [1, 0];
    $right = $together->laid($cells, $proposed->columns);
    [$metRight, $ofRight] = $together->met($right);
    expect($metRight / $ofRight)->toBeGreaterThan(0.95)->and($met / $of)->toBeLessThan($metRight / $ofRight);
});

/** @param  list<DrawnLine>  $lines */
function pageWith(array $lines): NestDrawing
{
    return new NestDrawing($lines, 210.0, 297.0, true, []);
}

function square(float $x, float $y, float $mm): DrawnLine
{
    return new DrawnLine('square', [], 'black', '', [Line::through([[$x, $y], [$x + $mm, $y], [$x + $mm, $y + $mm], [$x, $y + $mm], [$x, $y]])]);
}

test('a cover, a page of instructions and a page that is empty are no tiles, and are left out', function (bool $hasFrames, float $overlap): void {
    $tiles = spread(210.0, 297.0, 10.0, $overlap, $hasFrames);
    $alone = PagesTogether::of($tiles);
    $layout = $alone->proposed();
    $length = static fn (NestDrawing $drawing): float => array_sum(array_map(static fn (DrawnLine $line): float => $line->runs[0]->length(), $drawing->lines));
    foreach ([[[pageWith([])], []], [[pageWith([]), pageWith([square(80, 100, 50)])], []], [[pageWith([square(80, 100, 50)])], [pageWith([square(20, 30, 100)]), pageWith([])]]] as [$before, $after]) {
        $together = PagesTogether::of([...$before, ...$tiles, ...$after]);
        $found = $together->proposed();
        expect($found->cells)->toBe(array_map(static fn (?int $page): ?int => $page === null ? null : $page + count($before), $layout->cells))
            ->and($found->columns)->toBe($layout->columns)->and($together->met($found))->toBe($alone->met($layout))
            ->and($length($together->drawing($found)))->toEqualWithDelta($length($alone->drawing($layout)), 0.5);
    }
})->with([[true, 0.0], [false, 10.0]]);

test('a tile that nothing is on keeps its place', function (): void {
    $tiles = spread(210.0, 297.0, 10.0, 0.0, true);
    // The whole front lies lower: the row above it is empty.
    $together = PagesTogether::of([pageWith([]), pageWith([]), pageWith([]), ...$tiles]);
    $hand = $together->laid([0, 1, 2, ...range(3, count($tiles) + 2)], 3);
    $drawing = $together->drawing($hand);
    expect($together->met($hand)[0])->toBe($together->met($together->proposed())[0])
        ->and(min(array_map(static fn (DrawnLine $line): float => $line->runs[0]->box()[1], $drawing->lines)))->toBeGreaterThan(277.0);
});

test('one size a page lies on one another by the frames, each size apart, and nothing is lost', function (float $off): void {
    mt_srand(3);
    $pages = [];
    foreach (range(0, 7) as $size) {
        [$x, $y] = [mt_rand(-100, 100) / 100 * $off, mt_rand(-100, 100) / 100 * $off];
        $frame = [[5 + $x, 5 + $y], [425 + $x, 5 + $y], [425 + $x, 1090 + $y], [5 + $x, 1090 + $y], [5 + $x, 5 + $y]];
        $outline = HouseDrawing::outline($size)->changed(static fn (float $atX, float $atY): array => [$atX + $x + 4, $atY + $y + 4]);
        $notch = Line::through([[100 + $x, 500 + $y], [110 + $x, 500 + $y]]);
        $pages[] = new NestDrawing([new DrawnLine('outline', [], 'black', '', [$outline]), new DrawnLine('notch', [], 'black', '', [$notch]), new DrawnLine('frame', [], 'black', '', [Line::through($frame)])], 440.0, 1100.0, true, []);
    }
    $together = PagesTogether::of([pageWith([square(80, 100, 50)]), ...$pages]);
    $layout = $together->proposed();
    expect($layout->cells)->toBe(range(1, 8))->and($layout->moved)->not->toBeNull()->and($together->met($layout)[1])->toBe(0);
    $drawing = $together->drawing($layout);
    expect($drawing->lines)->toHaveCount(16)->and(count(array_unique(array_map(static fn (DrawnLine $line): string => $line->look(), $drawing->lines))))->toBe(8);
    [$toX, $toY] = [$pages[0]->lines[0]->runs[0]->x[0] - HouseDrawing::outline(0)->x[0], $pages[0]->lines[0]->runs[0]->y[0] - HouseDrawing::outline(0)->y[0]];
    foreach (range(0, 7) as $size) {
        foreach ($drawing->lines[2 * $size]->runs[0]->points() as [$atX, $atY]) {
            expect(HouseDrawing::outline($size)->nearest($atX - $toX, $atY - $toY)[1])->toBeLessThan(0.02);
        }
    }
})->with([0.0, 4.0]);

test('what only one of two pages shows of what both could is not dropped', function (): void {
    $tiles = spread(210.0, 297.0, 10.0, 10.0, false);
    $notch = new DrawnLine('notch', [], 'black', '', [Line::through([[196.0, 150.0], [199.0, 150.0]])]);
    $tiles[0] = new NestDrawing([...$tiles[0]->lines, $notch], 210.0, 297.0, true, []);
    $together = PagesTogether::of($tiles);
    $kept = array_filter($together->drawing($together->proposed())->lines, static fn (DrawnLine $line): bool => str_contains($line->id, 'notch'));
    expect($kept)->toHaveCount(1);
});

test('open lines, one a page, that go on nowhere lie on one another too', function (): void {
    $seam = static fn (int $size): Line => Line::through(array_slice(HouseDrawing::outline($size)->points(), 0, 200))->changed(static fn (float $x, float $y): array => [$x - 150, $y / 4]);
    $pages = array_map(static fn (int $size): NestDrawing => pageWith([new DrawnLine('seam', [], 'black', '', [$seam($size)])]), range(0, 3));
    $together = PagesTogether::of($pages);
    expect($together->proposed()->moved)->not->toBeNull()->and($together->proposed()->cells)->toBe([0, 1, 2, 3])
        ->and($together->drawing($together->proposed())->lines)->toHaveCount(4);
});
