<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Which line of a drawing is likely to be which size's. */
final class SizeNames
{
    /** What a drawing program calls its parts where nobody has: its number is no size. */
    private const BY_THE_PROGRAM = '/^(?:svg|g|group|layer|path|line|polyline|polygon|rect|circle|ellipse|curve|shape|object|use|text|tspan|clip(?:path)?|id)[\s_#-]*\d+(?:[\s_.-]\d+)*$/';

    /** From one size to another: the name of what holds several. */
    private const SEVERAL = '/\d\s*(?:-|–|—|to|bis|à|a|tot|til|\.\.+)\s*\d/u';

    /**
     * A line whose name, or whose group's, is the size or has it as a word; the closest name first. Lines that look alike
     * are of one size: where a name tells one of them, its look tells nothing more, and the longest is taken.
     *
     * @param  list<string>  $sizes
     * @return array<string, string> ids by size, of those that can be told
     */
    public static function propose(NestDrawing $drawing, array $sizes): array
    {
        $proposed = [];
        foreach ($sizes as $size) {
            $best = null;
            $rank = 0.0;
            foreach ($drawing->lines as $line) {
                $close = max([0.0, ...array_map(static fn (string $name): float => self::closeness($name, $size), $line->names)]);
                // Of lines that are named alike the longest is the outline; the others are notches and darts.
                $worth = $close === 0.0 ? 0.0 : $close + min(0.9, self::length($line) / 1e5);
                if ($worth > $rank) {
                    [$best, $rank] = [$line->id, $worth];
                }
            }
            if ($best !== null && ! in_array($best, $proposed, true)) {
                $proposed[$size] = $best;
            }
        }

        return $proposed;
    }

    /** 2 where they are equal, 1 where the size is a word of the name, else 0. */
    private static function closeness(string $name, string $size): float
    {
        [$name, $size] = [mb_strtolower(trim($name)), mb_strtolower($size)];
        if ($name === $size) {
            return 2.0;
        }
        $isOfSeveral = preg_match(self::SEVERAL, $name) === 1 && preg_match(self::SEVERAL, $size) !== 1;
        if ($isOfSeveral || preg_match(self::BY_THE_PROGRAM, $name) === 1) {
            return 0.0;
        }
        // A drawing's layers are sorted by their names: 06 stands before 10.
        $word = (ctype_digit($size) ? '0*' : '').preg_quote($size, '/');
        if (preg_match("/^{$word}$/u", $name) === 1) {
            return 2.0;
        }

        return preg_match("/(?<![\\p{L}\\p{N}]){$word}(?![\\p{L}\\p{N}])/u", $name) === 1 ? 1.0 : 0.0;
    }

    private static function length(DrawnLine $line): float
    {
        return array_sum(array_map(static fn (Line $run): float => $run->length(), $line->runs));
    }
}
