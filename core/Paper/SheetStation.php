<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Seam\Station;

/** A line of the table of stations: one, or several one below the other that say the same. */
final readonly class SheetStation
{
    /** @param  ?Length  $until  how deep the last of them lies; null where it is but one */
    private function __construct(public Station $station, public ?Length $until)
    {
    }

    /**
     * @param  list<Station>  $stations
     * @return list<self>
     */
    public static function all(array $stations): array
    {
        $rows = [];
        foreach ($stations as $station) {
            $before = array_pop($rows);
            if ($before === null) {
                $rows[] = new self($station, null);

                continue;
            }
            $rows[] = $before->goesOnIn($station) ? new self($before->station, $station->depth) : $before;
            if (! $before->goesOnIn($station)) {
                $rows[] = new self($station, null);
            }
        }

        return $rows;
    }

    /** Levels keep a line of their own. */
    private function goesOnIn(Station $next): bool
    {
        return $this->station->level === null && $next->level === null
            && [$this->station->from, $this->station->to, $this->station->move?->nanometres] === [$next->from, $next->to, $next->move?->nanometres];
    }
}
