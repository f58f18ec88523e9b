<?php

declare(strict_types=1);

namespace Tests\Support;

/** Make files that are hard on a page: many sizes with long names, a large body, four cups, nothing finished printed. */
final class HardMake
{
    private const SIZES = 20;

    /** @return array<string, string> make files by what is hard about them */
    public static function all(): array
    {
        $bodies = ['small' => 79, 'in the middle' => 113, 'larger than all' => 158];
        $files = [];
        foreach ($bodies as $name => $bust) {
            $files["{$name}, finished printed"] = self::file($bust, true);
            $files["{$name}, nothing finished"] = self::file($bust, false);
        }

        return $files;
    }

    private static function file(float $bust, bool $isFinished): string
    {
        $rows = static fn (float $from, float $step): array => array_map(static fn (int $size): float => $from + $size * $step, range(0, self::SIZES - 1));
        $sizes = array_map(static fn (int $size): string => ($size + 1).'X-'.($size + 2).'X (curvy)', range(0, self::SIZES - 1));

        return (string) json_encode([
            'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm',
            'body' => ['high_bust' => $bust - 6, 'full_bust' => $bust, 'waist' => $bust - 12.3, 'hip' => $bust + 9.7, 'underarm_to_waist' => 22, 'waist_to_hip' => 21],
            'pattern' => [
                'name' => 'The long-named walking dress with a stand collar, set-in sleeves and a gathered skirt', 'house' => 'Limpet, Thole, Marram & Daughters of the Outer Sound',
                'garment' => 'dress', 'fabric' => ['kind' => 'woven'], 'sizes' => $sizes,
                'ranges' => [['name' => 'all of them, from the smallest to the largest', 'sizes' => $sizes, 'drafted_cup' => 'B']],
                'body_chart' => ['full_bust' => $rows(80, 4), 'high_bust' => $rows(75, 4), 'waist' => $rows(62, 4), 'hip' => $rows(88, 4)],
                'finished' => $isFinished ? ['full_bust' => $rows(88, 4), 'waist' => $rows(69, 4), 'hip' => $rows(94, 4)] : (object) [],
                'cups' => [
                    'measure' => 'high_bust_difference',
                    'table' => [['cup' => 'B', 'from' => 0, 'to' => 7], ['cup' => 'C', 'from' => 7, 'to' => 10], ['cup' => 'D', 'from' => 10, 'to' => 13], ['cup' => 'DD', 'from' => 13, 'to' => 17]],
                    'body_chart' => ['B' => $rows(80, 4), 'C' => $rows(82.5, 4), 'D' => $rows(85, 4), 'DD' => $rows(87.5, 4)],
                    'finished' => $isFinished ? ['B' => $rows(88, 4), 'C' => $rows(90.5, 4), 'D' => $rows(93, 4), 'DD' => $rows(95.5, 4)] : (object) [],
                ],
                'seam' => ['edges' => ['bust' => 4, 'waist' => 6, 'hip' => 4], 'underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 45],
                'pieces' => [['name' => 'bodice front, cut with the grain along the fold', 'follows' => 'all_levels', 'times' => 2, 'part_of' => 'front']],
            ],
            'choices' => (object) [],
        ]);
    }
}
