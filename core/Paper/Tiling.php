<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A drawing spread over pages that overlap, never scaled. */
final readonly class Tiling
{
    /** Each page shows so much of its neighbours. */
    public const OVERLAP_MM = 10.0;

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
     * The first page proves the scale; of the others those that the new line or piece runs over. All of a drawing that has neither.
     *
     * @param  list<Tile>  $tiles
     * @return list<Tile>
     */
    private static function needed(array $tiles, Drawing $drawing, float $widthMm, float $heightMm): array
    {
        $spots = array_merge([], ...array_map(self::spots(...), array_filter($drawing->paths, static fn (Path $path): bool => in_array($path->pen, [Pen::Cut, Pen::Stitch], true))));
        $holds = static function (Tile $tile) use ($spots, $widthMm, $heightMm): bool {
            foreach ($spots as $spot) {
                if ($spot->xMm >= $tile->xMm && $spot->xMm <= $tile->xMm + $widthMm && $spot->yMm >= $tile->yMm && $spot->yMm <= $tile->yMm + $heightMm) {
                    return true;
                }
            }

            return false;
        };

        return $spots === [] ? $tiles : array_values(array_filter($tiles, static fn (Tile $tile): bool => ($tile->row === 0 && $tile->column === 0) || $holds($tile)));
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
