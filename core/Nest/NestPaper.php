<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
use Underbolt\Paper\Path;
use Underbolt\Paper\Pen;
use Underbolt\Paper\TestMarks;

/** A nest with its new line as a drawing for paper and projector: cut to what is on it, beside the marks that prove its scale. */
final class NestPaper
{
    private const MARGIN_MM = 5.0;

    private const THIN_MM = 0.01;

    /**
     * @param  array<string, string>  $ids  of the printed lines that are shown, by size
     * @param  list<Label>  $words  what is written on it
     */
    public static function of(NestDrawing $drawing, array $ids, NestLine $new, string $name, array $words): Drawing
    {
        $printed = array_map(static fn (string $id): Line => $drawing->line($id, 'lines'), $ids);
        $all = [...array_values($printed), ...($new->beside === null ? [] : [$new->beside]), ...($new->piece === null ? [] : [$new->piece])];
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
                ...array_map(static fn (string $size, Line $line): Path => $path("printed {$size}", Pen::Printed, $line), array_map(strval(...), array_keys($printed)), $printed),
                ...($new->piece === null ? [] : [$path('outline', Pen::Stitch, $new->piece)]),
                ...self::seam($new, $path),
                ...array_map(static fn (Line $line): Path => $path('levels', Pen::Level, $line), $new->levels),
                ...array_map(static fn (Line $line): Path => $path('stations', Pen::Station, $line), $new->stations),
                ...array_map(static fn (Line $line): Path => $path('notches', Pen::Cut, $line), $new->notches),
                ...($new->eased === null ? [] : [$path('eased in', Pen::Printed, $new->eased)]),
                ...array_map(static fn (Line $line): Path => $path('grain', Pen::Grain, $line), $new->grain),
            ],
            array_map(static fn (Label $label): Label => $label->moved(-$left, -$top), $words),
        );
    }

    /**
     * What is cut is thick, what is sewn thin, whichever of the two the house draws.
     *
     * @param  callable(string, Pen, Line): Path  $path
     * @return list<Path>
     */
    private static function seam(NestLine $new, callable $path): array
    {
        return match (true) {
            $new->beside === null => [$path('new line', Pen::Cut, $new->seam)],
            $new->lineIs === LineIs::Stitching => [$path('new line', Pen::Stitch, $new->seam), $path('cutting line', Pen::Cut, $new->beside)],
            default => [$path('new line', Pen::Cut, $new->seam), $path('stitching line', Pen::Stitch, $new->beside)],
        };
    }
}
