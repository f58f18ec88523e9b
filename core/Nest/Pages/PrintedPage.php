<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\NestDrawing;

/** One page of a piece that was spread over several: its lines in parts without a lift of the pen, in millimetres of the page. */
final readonly class PrintedPage
{
    /** @param  list<DrawnLine>  $lines  of one run each */
    private function __construct(public array $lines, public float $widthMm, public float $heightMm)
    {
    }

    /**
     * What the largest of some pages shows.
     *
     * @param  non-empty-list<self>  $pages
     */
    public static function largest(array $pages): ClipBox
    {
        return new ClipBox(0.0, 0.0, max(array_map(static fn (self $page): float => $page->widthMm, $pages)), max(array_map(static fn (self $page): float => $page->heightMm, $pages)));
    }

    /** What is seen of a page. */
    public static function of(NestDrawing $drawing): self
    {
        $page = new ClipBox(0.0, 0.0, $drawing->widthMm, $drawing->heightMm);

        return new self(self::cut($drawing->lines, $page), $drawing->widthMm, $drawing->heightMm);
    }

    /** The same within a box. */
    public function within(ClipBox $box): self
    {
        return new self(self::cut($this->lines, $box), $this->widthMm, $this->heightMm);
    }

    /** @param  callable(DrawnLine): bool  $isKept */
    public function only(callable $isKept): self
    {
        return new self(array_values(array_filter($this->lines, $isKept)), $this->widthMm, $this->heightMm);
    }

    /**
     * @param  list<DrawnLine>  $lines
     * @return list<DrawnLine>
     */
    private static function cut(array $lines, ClipBox $box): array
    {
        $parts = [];
        foreach ($lines as $line) {
            $seen = array_merge(...array_map($box->cut(...), $line->runs));
            foreach ($seen as $place => $run) {
                $parts[] = new DrawnLine(count($seen) === 1 ? $line->id : "{$line->id}.".($place + 1), $line->names, $line->stroke, $line->dash, [$run]);
            }
        }

        return $parts;
    }
}
