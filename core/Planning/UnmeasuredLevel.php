<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\LevelFacts;

/** A waist or hip with a row but no measure: the line lies there all the same, and follows. Sizes are places in the pattern's list. */
final readonly class UnmeasuredLevel
{
    /**
     * @param  LevelFacts  $facts  without a body: rows and edges alone
     * @param  EdgeChange  $change  what is drawn at the side edges beside the blend
     */
    public function __construct(
        public LevelFacts $facts,
        public int $size,
        public int $front,
        public int $back,
        public EdgeChange $change,
        public DrawnHow $how,
    ) {
    }
}
