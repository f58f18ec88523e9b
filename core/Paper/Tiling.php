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

    /** @param  list<Tile>  $tiles  row after row */
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
        return $this->pageHeightMm - 2 * PageFormat::MARGIN_MM;
    }

    public function at(int $row, int $column): ?Tile
    {
        return $row < 0 || $column < 0 || $row >= $this->rows || $column >= $this->columns ? null : $this->tiles[$row * $this->columns + $column];
    }

    private static function on(Drawing $drawing, float $width, float $height): self
    {
        [$acrossMm, $downMm] = [$width - 2 * PageFormat::MARGIN_MM - self::OVERLAP_MM, $height - 2 * PageFormat::MARGIN_MM - self::OVERLAP_MM];
        $columns = self::count($drawing->widthMm, $acrossMm);
        $rows = self::count($drawing->heightMm, $downMm);
        $tiles = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $tiles[] = new Tile($row, $column, $column * $acrossMm, $row * $downMm);
            }
        }

        return new self($drawing, $width, $height, $columns, $rows, $tiles);
    }

    /** The last page needs no neighbour behind it. A drawing as large as the page fits, whatever its figures round to. */
    private static function count(float $lengthMm, float $stepMm): int
    {
        return max(1, (int) ceil(($lengthMm - self::OVERLAP_MM) / $stepMm - 1e-9));
    }
}
