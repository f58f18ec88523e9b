<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Seam\Station;

/** A station as it is told at the table. */
final readonly class ToldStation
{
    /**
     * @param  ?Told  $told  null where no figure tells it
     * @param  array<int, int>  $moves  nanometres from each printed line, by size
     */
    public function __construct(public Station $station, public ?Told $told, public array $moves)
    {
    }
}
