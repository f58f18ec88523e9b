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
