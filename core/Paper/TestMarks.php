<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** What true scale is proven by: a line of 200 mm and squares of 5 cm and 2 in, in a band above and beside the drawing. */
final class TestMarks
{
    /** The room they take above the drawing, and beside it. */
    public const ABOVE_MM = 66.0;

    public const BESIDE_MM = 12.0;

    private const LINE_MM = 200.0;

    private const CM_SQUARE_MM = 50.0;

    private const INCH_SQUARE_MM = 50.8;

    private const INSET_MM = 3.0;

    private const GROUP = 'test-squares';

    /**
     * @param  float  $widthMm  of the page that they stand on: the line lies across where that is wide enough, else down
     * @return list<Path|Label>
     */
    public static function on(float $widthMm): array
    {
        $left = self::BESIDE_MM;
        $inch = $left + self::CM_SQUARE_MM + 8;
        $top = self::INSET_MM + 6;
        $across = $widthMm >= self::LINE_MM + 2 * self::INSET_MM;
        [$x, $y] = $across ? [self::LINE_MM + self::INSET_MM, self::INSET_MM] : [self::INSET_MM, self::LINE_MM + self::INSET_MM];

        return [
            Path::box(self::GROUP, Pen::Test, $left, $top, self::CM_SQUARE_MM, self::CM_SQUARE_MM),
            new Label(self::GROUP, $left + 4, $top + 10, '5 cm', 4),
            Path::box(self::GROUP, Pen::Test, $inch, $top, self::INCH_SQUARE_MM, self::INCH_SQUARE_MM),
            new Label(self::GROUP, $inch + 4, $top + 10, '2 in', 4),
            Path::through(self::GROUP, Pen::Test, [[self::INSET_MM, self::INSET_MM], [$x, $y]]),
            $across
                ? new Label(self::GROUP, $x, $y + 4, '200 mm', 3, Anchor::End)
                : new Label(self::GROUP, $x - 1, $y + 4, '200 mm', Label::WORDS_MM),
        ];
    }
}
