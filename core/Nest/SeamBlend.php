<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Seam\BlendShape;

/** The new side seam on an upright drawing: between the lines of two sizes in each part, with the changes beside the blend. */
final class SeamBlend
{
    /** Evenly spread shares beside the points of both lines: a millimetre or so on any piece. */
    private const STEPS = 400;

    /**
     * @param  SizeLine  $bust  size of the bust; of the waist where the piece begins there
     * @param  array{float, float, float}  $changes  at bust, waist and hip, away from the fold positive
     * @return Line from the underarm to the hem, or the part of it that the piece has
     *
     * @throws UnreadableNest where a line doesn't come to a level
     */
    public static function of(Reach $reach, SizeLine $bust, SizeLine $waist, SizeLine $hip, float $waistY, float $hipY, BlendShape $shape, float $dwellMm, array $changes): Line
    {
        [$atBust, $atWaist, $atHip] = $changes;
        if ($reach === Reach::ToWaist) {
            return self::section($bust->seam, $waist->seam, $shape, 0.0, $atBust, $atWaist);
        }
        if ($reach === Reach::FromWaist) {
            [$middle] = $waist->below($hipY);
            [$arrived, $lower] = $hip->below($hipY);
            $above = null;
        } else {
            [$upper] = $bust->sections($waistY, $hipY);
            [$joined, $middle] = $waist->sections($waistY, $hipY);
            [, $arrived, $lower] = $hip->sections($waistY, $hipY);
            $above = self::section($upper, $joined, $shape, 0.0, $atBust, $atWaist);
        }
        $below = self::section($middle, $arrived, $shape, $dwellMm, $atWaist, $atHip)
            ->followedBy($lower->changed(static fn (float $x, float $y): array => [$x + $atHip, $y]));

        return $above === null ? $below : $above->followedBy($below);
    }

    private static function section(Line $from, Line $to, BlendShape $shape, float $dwellMm, float $changeAtTop, float $changeAtEnd): Line
    {
        $length = ($from->length() + $to->length()) / 2;
        $dwell = min($dwellMm, $length / 2);
        $shares = self::shares($from, $to, $dwell / $length);
        [$left, $joined] = array_map(static fn (Line $line): array => $line->atEach(array_map(static fn (float $sigma): float => $sigma * $line->length(), $shares)), [$from, $to]);
        $x = $y = [];
        foreach ($shares as $i => $sigma) {
            $way = max(0.0, ($sigma * $length - $dwell) / ($length - $dwell));
            $t = $shape->crossed($way);
            [[$ux, $uy], [$vx, $vy]] = [$left[$i], $joined[$i]];
            $x[] = (1 - $t) * $ux + $t * $vx + $changeAtTop + ($changeAtEnd - $changeAtTop) * $shape->crossed($sigma);
            $y[] = (1 - $t) * $uy + $t * $vy;
        }

        return new Line($x, $y);
    }

    /** @return list<float> rising from 0 to 1 */
    private static function shares(Line $from, Line $to, float $dwell): array
    {
        $shares = [0.0, 1.0, $dwell];
        for ($i = 1; $i < self::STEPS; $i++) {
            $shares[] = $i / self::STEPS;
        }
        foreach ([$from, $to] as $line) {
            $length = $line->length();
            foreach ($line->way as $way) {
                $shares[] = min(1.0, $way / $length);
            }
        }
        sort($shares);
        $apart = [];
        foreach ($shares as $share) {
            if ($apart === [] || $share - $apart[count($apart) - 1] > 1e-9) {
                $apart[] = $share;
            }
        }
        $apart[count($apart) - 1] = 1.0;

        return $apart;
    }
}
