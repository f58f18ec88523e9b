<?php

declare(strict_types=1);

namespace App\Uploads;

use App\Http\Resources\Nest\NestDrawnLineData;
use App\Models\Nest;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\Pages\PageLayout;
use Underbolt\Nest\Pages\PagesTogether;
use Underbolt\Nest\Pages\PrintedPage;
use Underbolt\Nest\UnreadableNest;

/** A piece over many pages of a PDF: looked at, laid out, put together. */
final class PdfPages
{
    /**
     * The pages with their lines for a screen, where each lies, and how well the lines go on.
     *
     * @param  string  $layout  as JSON; none to have one proposed
     *
     * @throws UnreadableUpload|UnreadableNest
     */
    public static function shown(string $path, string $layout): string
    {
        $pages = self::of($path);
        $laid = self::laid($pages, $layout);
        [$met, $ends] = $pages->met($laid);
        $box = $pages->window;

        return json_encode([
            'pages' => array_map(static fn (PrintedPage $page): array => [
                'lines' => array_map(static fn (DrawnLine $line): array => NestDrawnLineData::numbers($line->runs[0]), $page->lines),
                'corners' => array_merge([], ...array_map(NestDrawnLineData::corners(...), $page->lines)),
            ], $pages->pages),
            'window' => array_map(static fn (float $mm): float => round($mm, 2), [$box->left, $box->top, $box->right, $box->bottom]),
            'columns' => $laid->columns,
            'cells' => $laid->cells,
            'across_mm' => round($laid->acrossMm, 2),
            'down_mm' => round($laid->downMm, 2),
            'moved' => $laid->moved === null ? null : array_map(static fn (int $page): array => array_map(static fn (float $mm): float => round($mm, 2), $laid->moved[$page] ?? [0.0, 0.0]), array_keys($pages->pages)),
            'met' => $met,
            'ends' => $ends,
        ], JSON_THROW_ON_ERROR);
    }

    /** @throws UnreadableUpload|UnreadableNest */
    public static function together(string $path, string $layout): string
    {
        $pages = self::of($path);

        return Nest::pack($pages->drawing(self::laid($pages, $layout)));
    }

    /** @throws UnreadableUpload|UnreadableNest */
    private static function of(string $path): PagesTogether
    {
        $pdf = new NestPdf($path);
        $count = $pdf->pages();
        if ($count > PagesTogether::MOST_PAGES) {
            throw new UnreadableUpload("This PDF has {$count} pages, and a piece is put together from ".PagesTogether::MOST_PAGES.' at the most. Keep only those of this piece.');
        }

        return PagesTogether::of(array_map(static fn (int $page): NestDrawing => MendedSvg::readPage($pdf->svg($page))->scaled($pdf->userUnit($page)), range(1, max(1, $count))));
    }

    /** Pages that aren't there are left out, and those that were left out lie nowhere. */
    private static function laid(PagesTogether $pages, string $layout): PageLayout
    {
        $said = $layout === '' ? null : json_decode($layout, true);
        if (! is_array($said) || ! is_array($said['cells'] ?? null)) {
            return $pages->proposed();
        }
        $cells = [];
        foreach ($said['cells'] as $page) {
            $isNew = is_int($page) && $page >= 0 && $page < count($pages->pages) && ! in_array($page, $cells, true);
            $cells[] = $isNew ? $page : null;
        }
        if (is_array($said['moved'] ?? null)) {
            return PageLayout::stack(array_values(array_filter($cells, static fn (?int $page): bool => $page !== null)), self::moved($said['moved']));
        }
        $columns = max(1, min(PagesTogether::MOST_PAGES, is_int($said['columns'] ?? null) ? $said['columns'] : 1));
        $laid = $pages->laid($cells, $columns);
        $typed = static fn (string $key, float $else): float => is_numeric($said[$key] ?? null) ? max(10.0, min(2_000.0, (float) $said[$key])) : $else;

        return new PageLayout($cells, $columns, $typed('across_mm', $laid->acrossMm), $typed('down_mm', $laid->downMm));
    }

    /**
     * @param  array<mixed>  $said  x and y of each page
     * @return array<int, array{float, float}>
     */
    private static function moved(array $said): array
    {
        $mm = static fn (mixed $typed): float => is_numeric($typed) ? max(-2_000.0, min(2_000.0, (float) $typed)) : 0.0;

        return array_map(static fn (mixed $by): array => is_array($by) ? [$mm($by[0] ?? 0), $mm($by[1] ?? 0)] : [0.0, 0.0], array_values($said));
    }
}
