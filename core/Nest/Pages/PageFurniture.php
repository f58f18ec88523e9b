<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;
use Underbolt\Nest\DrawnLine;

/** What stands on every page for its own sake: frames, and marks to lay the pages by. */
final class PageFurniture
{
    /** As good as every page, as a share. */
    private const MOST = 0.75;

    /** A mark is no longer, in millimetres. */
    private const MARK_MM = 40.0;

    /** A frame takes so much of its page, as a share. */
    private const FRAME = 0.6;

    /**
     * @param  non-empty-list<PrintedPage>  $pages
     * @return array{non-empty-list<PrintedPage>, ClipBox} without it, and the window through which each page shows its part
     */
    public static function apart(array $pages): array
    {
        $counts = [];
        foreach ($pages as $page) {
            foreach (array_unique(array_map(self::key(...), $page->lines)) as $key) {
                $counts[$key] = ($counts[$key] ?? 0) + 1;
            }
        }
        // A cover and a page that holds nothing have none.
        $drawn = array_values(array_filter($pages, static fn (PrintedPage $page): bool => $page->lines !== []));
        $least = max(2, (int) ceil(self::MOST * count($drawn)));
        $isOnAll = static fn (DrawnLine $line): bool => $counts[self::key($line)] >= $least;
        $frame = null;
        $of = array_values(array_filter($drawn, static fn (PrintedPage $page): bool => array_filter($page->lines, $isOnAll) !== []))[0] ?? $pages[0];
        foreach ($of->lines as $line) {
            [$left, $top, $right, $bottom] = $line->runs[0]->box();
            if ($isOnAll($line) && $line->runs[0]->isClosed && $right - $left > self::FRAME * $of->widthMm && $bottom - $top > self::FRAME * $of->heightMm
                && ($frame === null || $right - $left > $frame->right - $frame->left)) {
                $frame = new ClipBox($left, $top, $right, $bottom);
            }
        }
        $window = $frame ?? self::window($pages);
        $isFurniture = static function (DrawnLine $line) use ($isOnAll, $window): bool {
            if (! $isOnAll($line)) {
                return false;
            }
            [$left, $top, $right, $bottom] = $line->runs[0]->box();
            $isAtEdge = ($right - $left < 0.5 && min(abs($left - $window->left), abs($right - $window->right)) < 1.0)
                || ($bottom - $top < 0.5 && min(abs($top - $window->top), abs($bottom - $window->bottom)) < 1.0);

            return $line->runs[0]->isClosed || $line->runs[0]->length() <= self::MARK_MM || $isAtEdge;
        };
        $bare = array_map(static fn (PrintedPage $page): PrintedPage => $page->only(static fn (DrawnLine $line): bool => ! $isFurniture($line)), $pages);
        $window = $frame ?? self::window($bare);

        return [array_map(static fn (PrintedPage $page): PrintedPage => $page->within($window), $bare), $window];
    }

    /** Lines of one key lie on one another. */
    private static function key(DrawnLine $line): string
    {
        return implode(' ', array_map(static fn (float $mm): string => (string) round($mm, 1), [...$line->runs[0]->box(), $line->runs[0]->length()]));
    }

    /** @param  list<PrintedPage>  $pages */
    private static function window(array $pages): ClipBox
    {
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        foreach ($pages as $page) {
            foreach ($page->lines as $line) {
                $box = $line->runs[0]->box();
                [$left, $top, $right, $bottom] = [min($left, $box[0]), min($top, $box[1]), max($right, $box[2]), max($bottom, $box[3])];
            }
        }

        return is_finite($left) ? new ClipBox($left, $top, $right, $bottom) : new ClipBox(0.0, 0.0, $pages[0]->widthMm ?? 0.0, $pages[0]->heightMm ?? 0.0);
    }
}
