<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** What is drawn on a page beside its part of the drawing, so that the pages can be put together: millimetres of the page. */
final readonly class TileMarks
{
    private const GROUP = 'page';

    private const CORNER_MM = 5.0;

    private const MAP_CELL_MM = 4.0;

    private const MAP_MOST_MM = 32.0;

    private function __construct(private Tiling $tiling, private Tile $tile)
    {
    }

    /** @return list<Path|Label> */
    public static function of(Tiling $tiling, Tile $tile): array
    {
        $self = new self($tiling, $tile);

        return [...$self->corners(), ...$self->joins(), ...$self->map(), self::foot($tiling->drawing->name, (int) array_search($tile, $tiling->tiles, true), count($tiling->tiles), $tiling->pageWidthMm, $tiling->pageHeightMm, "{$tile->name()}, ")];
    }

    /** @return list<Path> where the corners of the shown part lie, and those of the overlap */
    private function corners(): array
    {
        $margin = PageFormat::MARGIN_MM;
        [$right, $bottom] = [$this->tiling->pageWidthMm - $margin, $margin + $this->tiling->shownHeightMm()];
        $marks = [];
        foreach ([[$margin, 1], [$right, -1]] as [$x, $across]) {
            foreach ([[$margin, 1], [$bottom, -1]] as [$y, $down]) {
                $marks[] = Path::through(self::GROUP, Pen::Test, [
                    [$x + $across * self::CORNER_MM, $y], [$x, $y], [$x, $y + $down * self::CORNER_MM],
                ]);
            }
        }

        return $marks;
    }

    /** @return list<Path|Label> along each edge that another page joins: where its own edge comes to lie, and both names */
    private function joins(): array
    {
        $margin = PageFormat::MARGIN_MM;
        [$right, $bottom] = [$this->tiling->pageWidthMm - $margin, $margin + $this->tiling->shownHeightMm()];
        [$middleX, $middleY] = [$this->tiling->pageWidthMm / 2, $margin + $this->tiling->shownHeightMm() / 2];
        $over = Tiling::OVERLAP_MM;
        $marks = [];
        foreach ([
            [0, 1, [$right - $over, $middleY], true, true], [0, -1, [$margin + $over, $middleY], true, false],
            [1, 0, [$middleX, $bottom - $over], false, true], [-1, 0, [$middleX, $margin + $over], false, false],
        ] as [$row, $column, [$x, $y], $isSide, $isAfter]) {
            $other = $this->tiling->at($this->tile->row + $row, $this->tile->column + $column);
            if ($other === null) {
                continue;
            }
            $ends = $isSide ? [[$x, $margin], [$x, $bottom]] : [[$margin, $y], [$right, $y]];
            foreach ($ends as $end => [$endX, $endY]) {
                $inward = ($end === 0 ? 1 : -1) * self::CORNER_MM;
                $marks[] = Path::through(self::GROUP, Pen::Test, [[$endX, $endY], $isSide ? [$endX, $endY + $inward] : [$endX + $inward, $endY]]);
            }
            [$first, $second] = $isAfter ? [$this->tile, $other] : [$other, $this->tile];
            $marks[] = new Label(
                self::GROUP,
                $isSide ? $x + ($isAfter ? $over / 2 : -$over / 2) : $x,
                $isSide ? $y : $y + ($isAfter ? $over / 2 : -$over / 2) + 1,
                "{$first->name()}-{$second->name()}",
                Label::WORDS_MM,
                Anchor::Middle,
            );
        }

        return $marks;
    }

    /** @return list<Path|Label> all pages small, this one marked; none where there is but one */
    private function map(): array
    {
        if (count($this->tiling->tiles) === 1) {
            return [];
        }
        $cell = min(self::MAP_CELL_MM, self::MAP_MOST_MM / max($this->tiling->columns, $this->tiling->rows));
        [$left, $top] = $this->mapPlace($this->tiling->columns * $cell, $this->tiling->rows * $cell);
        $marks = [];
        foreach ($this->tiling->tiles as $tile) {
            [$x, $y] = [$left + $tile->column * $cell, $top + $tile->row * $cell];
            $marks[] = Path::box(self::GROUP, Pen::Station, $x, $y, $cell, $cell);
            if ($tile === $this->tile) {
                $marks[] = Path::through(self::GROUP, Pen::Test, [[$x, $y], [$x + $cell, $y + $cell]]);
                $marks[] = Path::through(self::GROUP, Pen::Test, [[$x + $cell, $y], [$x, $y + $cell]]);
            }
        }

        return $marks;
    }

    /**
     * In a corner of the page where nothing is drawn or written; where there is none, below to the right.
     *
     * @return array{float, float}
     */
    private function mapPlace(float $wide, float $high): array
    {
        $margin = PageFormat::MARGIN_MM;
        $off = $margin + Tiling::OVERLAP_MM + 4;
        [$right, $bottom] = [$this->tiling->pageWidthMm - $off - $wide, $margin + $this->tiling->shownHeightMm() - Tiling::OVERLAP_MM - 4 - $high];
        foreach ([[$right, $bottom], [$off, $bottom], [$right, $off], [$off, $off]] as [$left, $top]) {
            [$x, $y] = [$left + $this->tile->xMm - $margin, $top + $this->tile->yMm - $margin];
            if ($this->tiling->drawing->isFree($x - 2, $y - 2, $x + $wide + 2, $y + $high + 2)) {
                return [$left, $top];
            }
        }

        return [$right, $bottom];
    }

    /** What stands at the foot of a page that is one of several by itself. */
    public static function foot(string $name, int $at, int $pages, float $pageWidthMm, float $pageHeightMm, string $tile = ''): Label
    {
        $rest = ($pages === 1 ? '' : " · page {$tile}".($at + 1)." of {$pages}").' · print at 100 %, never “fit to page”';
        $room = $pageWidthMm - 2 * PageFormat::MARGIN_MM;
        $short = $name;
        for ($long = mb_strlen($name); Label::widthMm($short.$rest, Label::WORDS_MM) > $room && $long > 1; $long--) {
            $short = mb_substr($name, 0, $long).'…';
        }

        return new Label(self::GROUP, PageFormat::MARGIN_MM, $pageHeightMm - PageFormat::MARGIN_MM - 1, $short.$rest, Label::WORDS_MM);
    }
}
