<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;

/** A height on the side seam where the plan says how far the line to cut stands from a printed line. */
final readonly class Station
{
    /**
     * @param  ?string  $from  the printed size the move is taken from
     * @param  ?BigRational  $share  of the gap crossed, 0 to 1
     * @param  ?Length  $blend  for each edge, outward positive; null where no figure tells it
     * @param  ?Length  $change  what is taken in, let out or adjusted there, likewise
     * @param  ?Length  $move  both together: from line `from` to the line that is cut
     * @param  list<array{string, Length}>  $moves  where it was read off drawn lines: how far it stands from each of them, by size
     * @param  ?string  $level  bust, waist or hip where the station is one
     */
    public function __construct(
        public Length $depth,
        public ?string $from,
        public ?string $to,
        public ?BigRational $share,
        public ?Length $blend,
        public ?Length $change,
        public ?Length $move,
        public ?string $level,
        public array $moves = [],
    ) {
    }
}
