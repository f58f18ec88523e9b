<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** One page of a tiled drawing: which part of it the page shows. */
final readonly class Tile
{
    /**
     * @param  int  $row  from 0, from the top down
     * @param  int  $column  from 0
     * @param  float  $xMm  where its left edge lies on the drawing
     * @param  float  $yMm  where its top edge lies on the drawing
     */
    public function __construct(public int $row, public int $column, public float $xMm, public float $yMm)
    {
    }

    /** A row has a letter, a column a number: `B3`. */
    public function name(): string
    {
        return self::letter($this->row).($this->column + 1);
    }

    private static function letter(int $row): string
    {
        return $row < 26 ? chr(65 + $row) : self::letter(intdiv($row, 26) - 1).chr(65 + $row % 26);
    }
}
