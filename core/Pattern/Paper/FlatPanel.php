<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;

/** One panel of the tissue as it was measured at a level. */
final readonly class FlatPanel
{
    /**
     * @param  Length  $width  from fold or centre to the seam, darts and pleats still in it
     * @param  positive-int  $times  how often it is cut
     * @param  Length  $darts  what lies in darts and pleats there, all together
     * @param  int<0, 2>  $allowances  how many of its two edges were measured to the cutting line
     */
    public function __construct(public string $name, public Length $width, public int $times, public Length $darts, public int $allowances)
    {
    }

    /** What it adds to the garment's girth. */
    public function girth(Length $seamAllowance): Length
    {
        $net = $this->width->minus($this->darts)->minus(Length::ofNanometres($this->allowances * $seamAllowance->nanometres));

        return Length::ofNanometres($this->times * $net->nanometres);
    }
}
