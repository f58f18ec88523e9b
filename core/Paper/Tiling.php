<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A drawing spread over pages that overlap, never scaled. */
final readonly class Tiling
{
    /** Each page shows so much of its neighbours. */
    public const OVERLAP_MM = 10.0;

    /** No word comes nearer to the edge of what a page shows. */
    private const EDGE_MM = 1.0;

    /** @var Drawing with the marks that prove its scale */
    public Drawing $drawing;

    /** @param  list<Tile>  $tiles  row after row, without those that hold nothing of what is cut */
    private function __construct(
        Drawing $drawing,
        public float $pageWidthMm,
        public float $pageHeightMm,
        public int $columns,
        public int $rows,
        public array $tiles,
    ) {
        $this->drawing = $drawing->with(TestMarks::on($this->shownWidthMm()));
    }

    /** Upright, or lying down where that needs fewer pages. */
    public static function of(Drawing $drawing, PageFormat $format): self
    {
        [$width, $height] = $format->sizeMm($drawing->widthMm, $drawing->heightMm);
        $upright = self::on($drawing, $width, $height);
        $lying = $format->canLieDown() ? self::on($drawing, $height, $width) : $upright;

        return count($lying->tiles) < count($upright->tiles) ? $lying : $upright;
    }

    /**
     * What is written on a page: each word on one of them, and whole. One that a page's edge would cut is moved within it.
     *
     * @return list<Label> where they stand on the drawing
     */
    public function wordsOn(Tile $tile): array
    {
        $words = [];
        foreach ($this->drawing->labels as $label) {
            if ($this->holderOf($label) === $tile) {
                [$left, $top, $right, $bottom] = $label->box();
                $words[] = $label->moved(self::within($left, $right, $tile->xMm, $this->shownWidthMm()), self::within($top, $bottom, $tile->yMm, $this->shownHeightMm()));
            }
        }

        return $words;
    }

    /** The page that a word belongs to: whose middle is nearest to it of those that show its place; null where none does. */
    private function holderOf(Label $label): ?Tile
    {
        $best = null;
        $nearest = INF;
        foreach ($this->tiles as $tile) {
            [$x, $y] = [$label->xMm - $tile->xMm, $label->yMm - $tile->yMm];
            $away = max(abs($x / $this->shownWidthMm() - 0.5), abs($y / $this->shownHeightMm() - 0.5));
            if ($away <= 0.5 && $away < $nearest) {
                [$best, $nearest] = [$tile, $away];
            }
        }

        return $best;
    }

    /** By how much a stretch is moved so that it lies in another. */
    private static function within(float $from, float $to, float $start, float $long): float
    {
        return match (true) {
            $from < $start + self::EDGE_MM => $start + self::EDGE_MM - $from,
            $to > $start + $long - self::EDGE_MM => max($start + self::EDGE_MM - $from, $start + $long - self::EDGE_MM - $to),
            default => 0.0,
        };
    }

    /** How much of the drawing a page shows. */
    public function shownWidthMm(): float
    {
        return $this->pageWidthMm - 2 * PageFormat::MARGIN_MM;
    }

    public function shownHeightMm(): float
    {
        return $this->pageHeightMm - 2 * PageFormat::MARGIN_MM - PageFormat::FOOT_MM;
    }

    public function at(int $row, int $column): ?Tile
    {
        foreach ($this->tiles as $tile) {
            if ($tile->row === $row && $tile->column === $column) {
                return $tile;
            }
        }

        return null;
    }

    private static function on(Drawing $drawing, float $width, float $height): self
    {
        [$acrossMm, $downMm] = [$width - 2 * PageFormat::MARGIN_MM - self::OVERLAP_MM, $height - 2 * PageFormat::MARGIN_MM - PageFormat::FOOT_MM - self::OVERLAP_MM];
        $columns = self::count($drawing->widthMm, $acrossMm);
        $rows = self::count($drawing->heightMm, $downMm);
        $tiles = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $tiles[] = new Tile($row, $column, $column * $acrossMm, $row * $downMm);
            }
        }

        return new self($drawing, $width, $height, $columns, $rows, self::needed($tiles, $drawing, $acrossMm + self::OVERLAP_MM, $downMm + self::OVERLAP_MM));
    }

    /**
     * The first page proves the scale; of the others as few as show all of the new line or piece: where two pages show the
     * same, one of them is enough. All of a drawing that has neither.
     *
     * @param  list<Tile>  $tiles
     * @return list<Tile>
     */
    private static function needed(array $tiles, Drawing $drawing, float $widthMm, float $heightMm): array
    {
        $spots = array_merge([], ...array_map(self::spots(...), array_filter($drawing->paths, static fn (Path $path): bool => in_array($path->pen, [Pen::Cut, Pen::Stitch], true))));
        if ($spots === []) {
            return $tiles;
        }
        $shows = array_map(static fn (Tile $tile): array => array_filter($spots, static fn (PaperPoint $spot): bool => $spot->xMm >= $tile->xMm && $spot->xMm <= $tile->xMm + $widthMm && $spot->yMm >= $tile->yMm && $spot->yMm <= $tile->yMm + $heightMm), $tiles);
        $needed = [0 => true];
        $left = array_diff_key($spots, $shows[0]);
        while ($left !== []) {
            $news = array_map(static fn (array $shown): int => count(array_intersect_key($shown, $left)), $shows);
            $most = (int) array_search(max([0, ...$news]), $news, true);
            if (($news[$most] ?? 0) === 0) {
                break;
            }
            $needed[$most] = true;
            $left = array_diff_key($left, $shows[$most]);
        }

        return array_values(array_intersect_key($tiles, $needed));
    }

    /** @return list<PaperPoint> along a line, close enough that none slips between two pages */
    private static function spots(Path $path): array
    {
        $spots = [];
        foreach ($path->cubics as $cubic) {
            [$fromX, $fromY, $toX, $toY] = [$cubic->start->xMm, $cubic->start->yMm, $cubic->end->xMm, $cubic->end->yMm];
            $steps = max(1, (int) ceil(hypot($toX - $fromX, $toY - $fromY) / self::OVERLAP_MM));
            for ($step = 0; $step <= $steps; $step++) {
                $spots[] = new PaperPoint($fromX + ($toX - $fromX) * $step / $steps, $fromY + ($toY - $fromY) * $step / $steps);
            }
        }

        return $spots;
    }

    /** The last page needs no neighbour behind it. A drawing as large as the page fits, whatever its figures round to. */
    private static function count(float $lengthMm, float $stepMm): int
    {
        return max(1, (int) ceil(($lengthMm - self::OVERLAP_MM) / $stepMm - 1e-9));
    }
}
