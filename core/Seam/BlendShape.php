<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;

/** How the new line leaves one printed line for the other. */
enum BlendShape: string
{
    case Curved = 'curved';
    case Straight = 'straight';

    /** Its cube is the largest that an int holds three of. */
    private const LARGEST_CUBED = 1_400_000;

    /** The share of the gap that is crossed, for a drawing. */
    public function crossed(float $way): float
    {
        return $this === self::Straight ? $way : $way * $way * (3 - 2 * $way);
    }

    /** How fast that share grows after a share of the way. */
    public function slope(float $way): float
    {
        return $this === self::Straight ? 1.0 : 6 * $way * (1 - $way);
    }

    /**
     * The same share from whole numbers, which is quicker while their cubes fit an int.
     *
     * @param  positive-int  $down
     */
    public function shareOf(int $up, int $down): BigRational
    {
        if ($this === self::Straight) {
            return BigRational::nd($up, $down);
        }

        return $down <= self::LARGEST_CUBED
            ? BigRational::nd($up * $up * (3 * $down - 2 * $up), $down ** 3)
            : $this->share(BigRational::nd($up, $down));
    }

    /**
     * The share of the gap that is crossed after a share of the way, both 0 to 1.
     *
     * Curved is the cubic that starts and ends along the printed lines: 3s² − 2s³.
     */
    public function share(BigRational $way): BigRational
    {
        if ($this === self::Straight) {
            return $way;
        }
        $up = $way->getNumerator();
        $down = $way->getDenominator();
        // (3s² − 2s³) over one denominator: small whole numbers stay fast.
        $crossed = $up->multipliedBy($up)->multipliedBy($down->multipliedBy(3)->minus($up->multipliedBy(2)));

        return BigRational::nd($crossed, $down->power(3));
    }
}
