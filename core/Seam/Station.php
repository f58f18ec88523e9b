<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;

/** A height on the side seam where the plan says how far the new line stands from a printed line. */
final readonly class Station
{
    /**
     * @param  ?string  $from  the printed size the offset is taken from
     * @param  ?BigRational  $share  of the gap crossed, 0 to 1
     * @param  ?Length  $offset  for each cut edge, outward positive; null where it cannot be told
     * @param  ?string  $level  bust, waist, hip or hem where the station is one
     */
    public function __construct(
        public Length $depth,
        public ?string $from,
        public ?string $to,
        public ?BigRational $share,
        public ?Length $offset,
        public ?string $level,
    ) {
    }
}
