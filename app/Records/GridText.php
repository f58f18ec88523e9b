<?php

declare(strict_types=1);

namespace App\Records;

use DOMElement;

/** A table of a web page that is no table element: blocks in a grid of so many columns, or rows of blocks. */
final class GridText
{
    private const MOST_COLUMNS = 60;

    /**
     * @param  callable(DOMElement): string  $text
     * @return list<string> its lines, cells between tabs
     */
    public static function lines(DOMElement $grid, callable $text): array
    {
        $rows = self::rows($grid);
        if ($rows !== []) {
            return array_map(static fn (DOMElement $row): string => implode("\t", array_map($text, self::children($row))), $rows);
        }
        $style = $grid->getAttribute('style');
        $columns = self::tracksOf('columns', $style);
        $down = preg_match('/grid-auto-flow:\s*column/i', $style) === 1 ? self::tracksOf('rows', $style) : 0;
        $blocks = array_map(self::children(...), self::items($grid));
        if ($down > 1) {
            return self::turned(array_chunk(array_map($text, self::items($grid)), $down));
        }
        if ($columns > 1 && count($blocks) === $columns && min(array_map(count(...), $blocks)) > 1) {
            return self::turned(array_map(static fn (array $block): array => array_map($text, $block), $blocks));
        }
        if ($columns < 1) {
            return array_map(static fn (DOMElement $row): string => implode("\t", array_map($text, self::children($row))), self::children($grid));
        }
        $cells = [];
        foreach (self::items($grid) as $item) {
            $wide = self::span($item->getAttribute('style'), $columns);
            $cells = [...$cells, $text($item), ...array_fill(0, $wide - 1, '')];
        }

        return array_map(static fn (array $line): string => implode("\t", $line), array_chunk($cells, $columns));
    }

    /**
     * @param  list<list<string>>  $columns
     * @return list<string> the lines across them
     */
    private static function turned(array $columns): array
    {
        return array_map(
            static fn (int $line): string => implode("\t", array_map(static fn (array $column): string => $column[$line] ?? '', $columns)),
            range(0, max([1, ...array_map(count(...), $columns)]) - 1),
        );
    }

    /** @return list<DOMElement> blocks that are called rows, in whatever group they stand */
    private static function rows(DOMElement $grid): array
    {
        $rows = [];
        foreach (self::children($grid) as $child) {
            array_push($rows, ...($child->getAttribute('role') === 'row' ? [$child] : self::rows($child)));
        }

        return $rows;
    }

    /** @return list<DOMElement> what lies in the cells; a block without a box of its own gives what it holds */
    private static function items(DOMElement $grid): array
    {
        $items = [];
        foreach (self::children($grid) as $child) {
            $isNoBox = preg_match('/display:\s*contents/i', $child->getAttribute('style')) === 1;
            array_push($items, ...($isNoBox ? self::items($child) : [$child]));
        }

        return $items;
    }

    /** @return list<DOMElement> */
    private static function children(DOMElement $block): array
    {
        return array_values(array_filter([...$block->childNodes], static fn ($node): bool => $node instanceof DOMElement));
    }

    /**
     * How many columns or rows a style gives a grid: `repeat(5, 1fr)`, `120px 60px 60px`; 0 where it doesn't say.
     *
     * @param  'columns'|'rows'  $which
     */
    private static function tracksOf(string $which, string $style): int
    {
        if (preg_match("/grid-template-{$which}:\\s*([^;]+)/i", $style, $tracks) !== 1) {
            return 0;
        }
        $written = (string) preg_replace('/\[[^\]]*\]/', ' ', $tracks[1]);
        $repeated = (string) preg_replace_callback(
            '/repeat\(\s*(\d+)\s*,\s*((?:[^()]|\([^()]*\))*)\)/i',
            static fn (array $part): string => str_repeat(' x ', min(self::MOST_COLUMNS, (int) $part[1]) * count(self::tracks($part[2]))),
            $written,
        );

        return min(self::MOST_COLUMNS, count(self::tracks($repeated)));
    }

    /** @return list<string> */
    private static function tracks(string $written): array
    {
        preg_match_all('/[\w.%-]+(?:\([^)]*\))?/', $written, $found);

        return $found[0];
    }

    private static function span(string $style, int $columns): int
    {
        return match (true) {
            preg_match('/grid-column:\s*1\s*\/\s*-1/i', $style) === 1 => $columns,
            preg_match('/grid-column(?:-end)?:[^;]*span\s+(\d+)/i', $style, $part) === 1 => max(1, min($columns, (int) $part[1])),
            default => 1,
        };
    }
}
