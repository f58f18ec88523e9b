<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** The ends of the sizes that were not marked: at their corners nearest to where a marked size has its own. */
final class EndProposals
{
    /**
     * The marks with an end for every size that has a line, as far as one size at least was marked.
     *
     * @param  ?list<string>  $sizes  those whose ends are asked for; null for all
     *
     * @throws UnreadableNest where a size's line is not in the drawing
     */
    public static function fill(NestDrawing $drawing, NestMarks $marks, ?array $sizes = null): NestMarks
    {
        $asked = $sizes === null ? $marks->lines : array_flip($sizes);
        // Each size lies near what is marked on another.
        $near = [...array_values($marks->underarm), ...array_values($marks->hem)];
        $lines = [];
        foreach ($marks->lines as $size => $id) {
            $lines[$size] = isset($asked[$size]) ? $drawing->line($id, "lines.{$size}", $near) : null;
        }
        $corners = array_map(static fn (Line $line): array => $line->atEach(Corners::of($line)), array_filter($lines));

        return $marks->with(
            lines: $marks->lines,
            underarm: self::ends($lines, $corners, $marks->underarm),
            hem: self::ends($lines, $corners, $marks->hem),
            armholeTop: self::ends($lines, $corners, $marks->armholeTop),
            hemFold: self::ends($lines, $corners, $marks->hemFold),
        );
    }

    /**
     * @param  array<string, ?Line>  $lines  by size; null where its end is not asked for
     * @param  array<string, list<array{float, float}>>  $corners  of those
     * @param  array<string, array{float, float}>  $marked
     * @return array<string, array{float, float}>
     */
    private static function ends(array $lines, array $corners, array $marked): array
    {
        if ($marked === []) {
            return [];
        }
        $places = array_keys($lines);
        $ends = [];
        foreach (array_filter($lines) as $size => $line) {
            // The size nearest in the list is nearest on paper as well.
            $own = (int) array_search($size, $places, true);
            $from = null;
            foreach ($places as $place => $other) {
                if (isset($marked[$other]) && ($from === null || abs($place - $own) < abs($from - $own))) {
                    $from = $place;
                }
            }
            if ($from !== null) {
                $mark = $marked[$places[$from]];
                $ends[$size] = $marked[$size] ?? self::nearest($line, $corners[$size], $mark);
            }
        }

        return $ends;
    }

    /**
     * @param  list<array{float, float}>  $corners  of the line
     * @param  array{float, float}  $mark
     * @return array{float, float}
     */
    private static function nearest(Line $line, array $corners, array $mark): array
    {
        if ($corners === []) {
            return $line->at($line->nearest(...$mark)[0]);
        }
        usort($corners, static fn (array $one, array $other): int => hypot($one[0] - $mark[0], $one[1] - $mark[1]) <=> hypot($other[0] - $mark[0], $other[1] - $mark[1]));

        return $corners[0];
    }
}
