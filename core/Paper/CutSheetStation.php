<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Seam\Station;

/** A line of the table of stations: one, or several one below the other that say the same. */
final readonly class CutSheetStation
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
            $last = array_key_last($rows);
            if ($last !== null && $rows[$last]->goesOnIn($station)) {
                $rows[$last] = new self($rows[$last]->station, $station->depth);
            } else {
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
