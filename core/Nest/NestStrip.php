<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Measure\Length;
use Underbolt\Paper\StripShape;
use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDepths;
use Underbolt\Seam\Station;
use Underbolt\Sizing\Sizes;

/** The strip of one side from the pattern's own lines: each as how far out it lies at every depth. */
final class NestStrip
{
    private const NM_OF_A_MM = 1e6;

    /** Cubics between two levels: on any seam they stray from it by less than a hundredth of a millimetre. */
    private const PIECES = 48;

    /** Between the two places that a slope is taken from, in millimetres. */
    private const BESIDE_MM = 0.2;

    /**
     * @param  list<Station>  $stations  of the side
     * @param  bool  $isCut  whether the house draws cutting lines
     */
    public static function shape(NestStations $piece, Sizes $sizes, array $stations, bool $isCut): StripShape
    {
        $top = $piece->seam->y[0];
        $depth = static fn (float $height): Length => Length::ofNanometres((int) round(($height - $top) * self::NM_OF_A_MM));
        // The last nanometre of a seam is rounded away: asked for there it would end before it ends.
        $end = $depth($piece->seam->y[count($piece->seam->y) - 1] - 0.001);
        $depths = new SeamDepths($depth($piece->waistY), $depth($piece->hipY), $end);
        $breaks = [0, $depth($piece->waistY)->nanometres, $depth($piece->hipY)->nanometres, $end->nanometres];
        $printed = [];
        foreach (['bust' => $piece->bust, 'waist' => $piece->waist, 'hip' => $piece->hip] as $level => $line) {
            $size = $sizes->known()[$level] ?? null;
            if ($size !== null) {
                $printed[$size] = self::curve($line->seam, $top, $breaks);
            }
        }

        return new StripShape($sizes, $depths, self::curve($piece->seam, $top, $breaks), $printed, $stations, $isCut);
    }

    /** @param  list<int>  $breaks  depths in nanometres */
    private static function curve(Line $line, float $top, array $breaks): Curve
    {
        $heights = new Heights($line);
        $at = static function (float $depth) use ($heights, $top): ?float {
            $x = $heights->x($top + $depth / self::NM_OF_A_MM);

            return $x === null ? null : $x * self::NM_OF_A_MM;
        };
        $beside = self::BESIDE_MM * self::NM_OF_A_MM / 2;
        $slope = static function (float $depth, float $middle) use ($at, $beside): ?float {
            // Towards the middle of its own piece, so that none looks over a corner.
            $other = $depth < $middle ? $depth + 2 * $beside : $depth - 2 * $beside;
            [$here, $there] = [$at($depth), $at($other)];

            return $here === null || $there === null ? null : ($there - $here) / ($other - $depth);
        };

        return Curve::through($breaks, $at, $slope, self::PIECES);
    }
}
