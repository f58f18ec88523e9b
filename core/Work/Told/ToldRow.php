<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

/** A line of the table of stations: one, or several one below the other that say the same. */
final readonly class ToldRow
{
    /**
     * @param  ?ToldStation  $until  the last of them; null where it is but one
     * @param  bool  $isToHem  whether nothing changes any more below it
     */
    private function __construct(public ToldStation $first, public ?ToldStation $until, public bool $isToHem)
    {
    }

    /**
     * @param  list<ToldStation>  $stations
     * @return list<self> a level begins a row of its own
     */
    public static function all(array $stations): array
    {
        $rows = [];
        foreach ($stations as $i => $station) {
            $last = array_key_last($rows);
            if ($last !== null && $station->station->level === null && $rows[$last]->saysTheSameAs($station)) {
                $rows[$last] = new self($rows[$last]->first, $station, $i === count($stations) - 1);
            } else {
                $rows[] = new self($station, null, false);
            }
        }

        return $rows;
    }

    private function saysTheSameAs(ToldStation $next): bool
    {
        [$one, $other] = [$this->first->told, $next->told];
        if ($one === null && $other === null) {
            // Nothing is known the whole way down: that is said once.
            return true;
        }

        return $one !== null && $other !== null && $one->size === $other->size && $one->isOn === $other->isOn
            && ($one->isOn || $one->move->compare($other->move) === 0);
    }
}
