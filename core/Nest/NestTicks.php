<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** What is drawn across the new seam to lay it by: its levels, and a tick at every station. */
final class NestTicks
{
    private const TICK_MM = 3.0;

    /** A notch is drawn square to its seam, this far to both sides. */
    private const NOTCH_MM = 5.0;

    private const ARROW_MM = 6.0;

    /** Where across the piece the grain is drawn, as a share. */
    private const GRAIN_AT = 0.55;

    /**
     * @param  Line  $seam  upright, on the finished paper
     * @param  list<float>  $heights  of waist and hip on it
     * @return list<Line> from the middle of the body to the seam
     */
    public static function levels(Line $seam, array $heights, float $foldX): array
    {
        $lines = [];
        foreach ($heights as $height) {
            $way = $seam->firstAt($height);
            if ($way !== null) {
                $lines[] = Line::through([[$foldX, $height], $seam->at($way)]);
            }
        }

        return $lines;
    }

    /**
     * @param  list<float>  $heights  of waist and hip on it
     * @return list<Line>
     */
    public static function notches(Line $seam, array $heights): array
    {
        $notches = [];
        foreach ($heights as $height) {
            $way = $seam->firstAt($height);
            if ($way !== null) {
                [$x, $y] = $seam->at($way);
                $across = $seam->directionAt($way) + M_PI / 2;
                [$dx, $dy] = [self::NOTCH_MM * cos($across), self::NOTCH_MM * sin($across)];
                $notches[] = Line::through([[$x - $dx, $y - $dy], [$x + $dx, $y + $dy]]);
            }
        }

        return $notches;
    }

    /**
     * An arrow both ways down the middle of the piece.
     *
     * @return list<Line>
     */
    public static function grain(Line $seam, float $foldX): array
    {
        [, $top, $right, $bottom] = $seam->box();
        $x = $foldX + ($right - $foldX) * self::GRAIN_AT;
        [$from, $to] = [$top + ($bottom - $top) / 4, $bottom - ($bottom - $top) / 4];
        $head = static fn (float $y, float $along): Line => Line::through([[$x - self::ARROW_MM / 2, $y + $along], [$x, $y], [$x + self::ARROW_MM / 2, $y + $along]]);

        return [Line::through([[$x, $from], [$x, $to]]), $head($from, self::ARROW_MM), $head($to, -self::ARROW_MM)];
    }

    /**
     * @param  float  $everyMm  how far apart, down from the underarm
     * @return list<Line>
     */
    public static function stations(Line $seam, float $everyMm): array
    {
        $ticks = [];
        $way = 0.0;
        for ($height = $seam->y[0]; $way !== null; $height += $everyMm) {
            [$x, $y] = $seam->at($way);
            $ticks[] = Line::through([[$x - self::TICK_MM, $y], [$x + self::TICK_MM, $y]]);
            $way = $seam->firstAt($height + $everyMm, $way);
        }

        return $ticks;
    }
}
