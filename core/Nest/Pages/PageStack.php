<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\NestDrawing;

/** Pages that each show the whole piece, as where a house prints one size a page: laid on one another by their frames. */
final class PageStack
{
    /** What is so much smaller than the largest is no piece, such as a test square: a share of its height. */
    private const SMALL = 0.25;

    /** A frame takes so much of its page, as a share, */
    private const FRAME = 0.6;

    /** and is as large on every page, in millimetres. */
    private const ALIKE_MM = 0.5;

    /** @param  non-empty-list<PrintedPage>  $pages */
    public static function of(array $pages): PageLayout
    {
        $heights = array_map(self::height(...), $pages);
        $used = array_keys(array_filter($heights, static fn (float $height): bool => $height > self::SMALL * max($heights)));
        $frames = [];
        foreach ($used as $page) {
            $frame = self::frame($pages[$page]);
            $frames[$page] = $frame === null ? null : self::box($frame);
        }
        $first = $frames[$used[0] ?? 0] ?? null;
        $moved = [];
        foreach ($frames as $page => $frame) {
            $isAlike = $first !== null && $frame !== null && abs($frame->right - $frame->left - $first->right + $first->left) <= self::ALIKE_MM && abs($frame->bottom - $frame->top - $first->bottom + $first->top) <= self::ALIKE_MM;
            if (! $isAlike) {
                return PageLayout::stack($used);
            }
            $moved[$page] = [$first->left - $frame->left, $first->top - $frame->top];
        }

        return PageLayout::stack($used, $moved);
    }

    /**
     * @param  non-empty-list<PrintedPage>  $pages
     * @param  PageLayout  $layout  of pages that lie on one another
     */
    public static function drawing(array $pages, PageLayout $layout): NestDrawing
    {
        $lines = [];
        $used = array_values(array_filter($layout->cells, static fn (?int $page): bool => $page !== null));
        foreach ($used as $page) {
            [$x, $y] = $layout->moved[$page] ?? [0.0, 0.0];
            $frame = count($used) > 1 ? self::frame($pages[$page]) : null;
            foreach ($pages[$page]->lines as $line) {
                if ($line !== $frame) {
                    $own = PagesTogether::onPage($line, $page, $x, $y);
                    // Lines that look alike are taken for one size: those of two pages are of two.
                    $lines[] = new DrawnLine($own->id, $own->names, count($used) > 1 ? "{$own->stroke} on page ".($page + 1) : $own->stroke, $own->dash, $own->runs);
                }
            }
        }
        $page = PrintedPage::largest($pages);

        return new NestDrawing($lines, $page->right, $page->bottom, true, count($used) > 1 ? ['Laid on one another from '.count($used).' pages.'] : []);
    }

    private static function height(PrintedPage $page): float
    {
        $boxes = array_map(self::box(...), $page->lines);

        return $boxes === [] ? 0.0 : max(array_map(static fn (ClipBox $box): float => $box->bottom, $boxes)) - min(array_map(static fn (ClipBox $box): float => $box->top, $boxes));
    }

    /** The largest upright box that is drawn round all else; null where there is none. */
    private static function frame(PrintedPage $page): ?DrawnLine
    {
        [$frame, $widest] = [null, 0.0];
        foreach ($page->lines as $line) {
            $box = self::box($line);
            [$wide, $high] = [$box->right - $box->left, $box->bottom - $box->top];
            $isBox = $line->runs[0]->isClosed && count($line->runs[0]->x) === 5 && abs($line->runs[0]->length() - 2 * ($wide + $high)) < self::ALIKE_MM;
            if ($isBox && $wide > self::FRAME * $page->widthMm && $high > self::FRAME * $page->heightMm && $wide > $widest) {
                [$frame, $widest] = [$line, $wide];
            }
        }

        return $frame;
    }

    private static function box(DrawnLine $line): ClipBox
    {
        return new ClipBox(...$line->runs[0]->box());
    }
}
