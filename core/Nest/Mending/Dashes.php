<?php

declare(strict_types=1);

namespace Underbolt\Nest\Mending;

use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;
use Underbolt\Nest\NestDrawing;

/** Lines that were drawn as many little ones, dash by dash or piece by piece, made one line each. */
final class Dashes
{
    /** No dash is longer, in millimetres (common practice, no published source). */
    private const LONGEST_MM = 30.0;

    /** So far apart dashes of one line may lie, in millimetres: the further where the nearer makes next to nothing whole. */
    private const GAPS_MM = [2.0, 4.0];

    /** Of all dashes, as a share. */
    private const NEARLY_ALL = 0.9;

    /** Dashes follow one another within so many radians: 15 degrees. */
    private const TURN = M_PI / 12;

    /** Fewer in a row are no dashes. */
    private const LEAST = 3;

    /** Fewer that are left are notches, darts and marks. */
    private const MANY = 200;

    public static function joined(NestDrawing $drawing): NestDrawing
    {
        $many = count(array_filter($drawing->lines, self::isDash(...)));
        [$lines, $left] = [$drawing->lines, $many];
        foreach (self::GAPS_MM as $gap) {
            // Those that are left beside lines that became whole lie too near to others, not too far from their own.
            if ($left > self::NEARLY_ALL * $many) {
                $lines = self::joinedOver($drawing->lines, $gap);
                $left = count(array_filter($lines, self::isDash(...)));
            }
        }
        $said = $left < self::MANY ? [] : [sprintf('%s little lines are left as they are: they lie too far apart to be dashes of one line, or so near to those of another that nobody can tell them apart. No size was made of them.', number_format($left, thousands_separator: ' '))];

        return $drawing->with($lines, $said);
    }

    /**
     * @param  list<DrawnLine>  $lines
     * @return list<DrawnLine>
     */
    private static function joinedOver(array $lines, float $gap): array
    {
        $groups = [];
        foreach (array_filter($lines, self::isDash(...)) as $place => $line) {
            // Dashes of one line look alike and lie in the same groups, whatever each is called.
            $groups[$line->look().'|'.implode('|', array_diff($line->names, [$line->id]))][$place] = $line;
        }
        $chains = new Chains($gap, self::TURN);
        foreach ($groups as $dashes) {
            $runs = array_map(static fn (DrawnLine $dash): Line => $dash->runs[0], $dashes);
            $found = array_values(array_filter(count($dashes) < self::LEAST ? [] : $chains->of($runs), static fn (array $chain): bool => count($chain) >= self::LEAST));
            $edges = array_map(static fn (array $chain): Line => $chains->joined($runs, $chain), $found);
            $outline = DashedCorners::closed($edges);
            if ($outline !== null) {
                [$found, $edges] = [[array_merge(...$found)], [$outline]];
            }
            foreach ($found as $place => $chain) {
                $lines[$chain[0][0]] = self::one(array_map(static fn (array $link): DrawnLine => $dashes[$link[0]], $chain), $edges[$place]);
                foreach (array_slice($chain, 1) as [$dash]) {
                    unset($lines[$dash]);
                }
            }
        }

        return array_values($lines);
    }

    private static function isDash(DrawnLine $line): bool
    {
        return count($line->runs) === 1 && ! $line->runs[0]->isClosed && $line->runs[0]->length() <= self::LONGEST_MM;
    }

    /**
     * It answers to the name of each of its dashes.
     *
     * @param  list<DrawnLine>  $dashes  one at least
     */
    private static function one(array $dashes, Line $line): DrawnLine
    {
        $names = array_merge(...array_map(static fn (DrawnLine $dash): array => [...$dash->names, $dash->id], $dashes));

        return new DrawnLine($dashes[0]->id, array_values(array_unique($names)), $dashes[0]->stroke, $dashes[0]->dash, [$line]);
    }
}
