<?php

declare(strict_types=1);

namespace App\Records;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Underbolt\ChartPaste\PastedTable;

/**
 * The tables of a copied web page as the text they would be if they stood in a spreadsheet: cells that span
 * several are repeated empty, line breaks in a cell are spaces, what stands before a table is a line of words.
 * What is laid out as a grid, or called a table for those who listen, is one as well.
 */
final class HtmlText
{
    private const WIDEST_SPAN = 60;

    /** Blocks that are tables: by their element, their role, or their layout as it was copied with them. */
    private const TABLES = 'self::table or @role="table" or @role="grid" or contains(translate(@style, " ", ""), "display:grid")'
        .' or contains(translate(@style, " ", ""), "display:inline-grid")';

    /** Null where there is no table. */
    public static function of(string $html): ?string
    {
        if (preg_match('/<table|role="(?:table|grid)"|display:\s*(?:inline-)?grid/i', $html) !== 1) {
            return null;
        }
        $page = new DOMDocument;
        // Nothing that a page refers to is fetched; what is malformed in it is read past.
        @$page->loadHTML('<?xml encoding="UTF-8">'.mb_strcut($html, 0, 5 * PastedTable::LARGEST_BYTES), LIBXML_NONET | LIBXML_NOERROR | LIBXML_COMPACT);
        $parts = (new DOMXPath($page))->query('//body//*[self::h1 or self::h2 or self::h3 or self::h4 or self::p or self::caption or '.self::TABLES.']');
        $lines = [];
        foreach ($parts === false ? [] : $parts as $part) {
            if (! $part instanceof DOMElement) {
                continue;
            }
            $isInside = self::isInTable($part);
            if ($part->tagName === 'table') {
                array_push($lines, ...self::table($part));
            } elseif (self::isGrid($part)) {
                array_push($lines, ...($isInside ? [] : GridText::lines($part, self::text(...))));
            } elseif ($part->tagName === 'caption' || ! $isInside) {
                $lines[] = self::text($part);
            }
        }

        return implode("\n", array_filter($lines, static fn (string $line): bool => trim($line) !== ''));
    }

    private static function isInTable(DOMNode $node): bool
    {
        for ($above = $node->parentNode; $above !== null; $above = $above->parentNode) {
            if ($above->nodeName === 'table' || ($above instanceof DOMElement && self::isGrid($above))) {
                return true;
            }
        }

        return false;
    }

    private static function isGrid(DOMElement $block): bool
    {
        return in_array($block->getAttribute('role'), ['table', 'grid'], true)
            || preg_match('/display:\s*(?:inline-)?grid/i', $block->getAttribute('style')) === 1;
    }

    /** @return list<string> */
    private static function table(DOMElement $table): array
    {
        $lines = [];
        $held = [];
        foreach ($table->getElementsByTagName('tr') as $row) {
            $cells = [];
            $column = 0;
            foreach ($row->childNodes as $cell) {
                if (! $cell instanceof DOMElement || ! in_array($cell->tagName, ['td', 'th'], true)) {
                    continue;
                }
                for (; ($held[$column] ?? 0) > 0; $column++) {
                    $held[$column]--;
                    $cells[] = '';
                }
                $wide = self::span($cell, 'colspan');
                for ($further = 0; $further < $wide; $further++) {
                    $held[$column] = self::span($cell, 'rowspan') - 1;
                    $cells[] = $further === 0 ? self::text($cell) : '';
                    $column++;
                }
            }
            // What reaches down from above behind the row's own last cell.
            for ($last = max([-1, ...array_keys($held)]); $column <= $last; $column++) {
                $held[$column] = max(0, ($held[$column] ?? 0) - 1);
                $cells[] = '';
            }
            $lines[] = implode("\t", $cells);
        }

        return $lines;
    }

    private static function span(DOMElement $cell, string $which): int
    {
        return max(1, min(self::WIDEST_SPAN, (int) $cell->getAttribute($which)));
    }

    /** A line break parts two words. */
    private static function text(DOMElement $cell): string
    {
        $words = '';
        foreach ($cell->childNodes as $node) {
            $isBreak = in_array($node->nodeName, ['br', 'p', 'div', 'li'], true);
            $words .= $node instanceof DOMElement ? ($isBreak ? ' ' : '').self::text($node).($isBreak ? ' ' : '') : $node->textContent;
        }

        return trim((string) preg_replace('/\s+/u', ' ', $words));
    }
}
