<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Paper\Drawing;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\TestMarks;

/** A nest with its new line as a drawing for paper and projector: cut to what is on it, beside the marks that prove its scale. */
final class NestPaper
{
    private const MARGIN_MM = 5.0;

    private const THIN_MM = 0.01;

    /** @param  list<string>  $ids  of the printed lines that are shown */
    public static function of(NestDrawing $drawing, array $ids, NestLine $new, string $name): Drawing
    {
        $printed = array_map(static fn (string $id): Line => $drawing->line($id, 'lines'), $ids);
        $all = [...$printed, ...($new->piece === null ? [] : [$new->piece])];
        [$left, $top, $right, $bottom] = $new->seam->box();
        foreach ($all as $line) {
            $box = $line->box();
            [$left, $top, $right, $bottom] = [min($left, $box[0]), min($top, $box[1]), max($right, $box[2]), max($bottom, $box[3])];
        }
        $left -= self::MARGIN_MM + TestMarks::BESIDE_MM;
        $top -= self::MARGIN_MM + TestMarks::ABOVE_MM;
        $path = static fn (string $group, Pen $pen, Line $line): Path => Path::through($group, $pen, ThinnedLine::points($line, self::THIN_MM))->moved(-$left, -$top);

        return new Drawing(
            $name,
            $right - $left + self::MARGIN_MM,
            $bottom - $top + self::MARGIN_MM,
            [
                ...array_map(static fn (Line $line): Path => $path('printed', Pen::Printed, $line), $printed),
                ...($new->piece === null ? [] : [$path('outline', Pen::Stitch, $new->piece)]),
                $path('new line', Pen::Cut, $new->seam),
                ...array_map(static fn (Line $line): Path => $path('levels', Pen::Level, $line), $new->levels),
                ...array_map(static fn (Line $line): Path => $path('stations', Pen::Station, $line), $new->stations),
                ...array_map(static fn (Line $line): Path => $path('notches', Pen::Cut, $line), $new->notches),
            ],
            [],
        );
    }
}
