<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;

/** What the side edges get in each of the three steps that draw them: each level of each piece once from its printed line. */
final class SideEntries
{
    /**
     * @param  string  $step  trace, adjust or draw
     * @return list<Applied>
     */
    public static function in(string $step, Given $given): array
    {
        $entries = [];
        foreach (Given::SIDES as $side) {
            foreach ($given->levels as $level) {
                foreach ($given->pieces->atSide($level, $side) as $piece) {
                    if ($given->drawnIn($piece, $side, $level) === $step) {
                        $entries[] = Applied::drawn($piece->name, $side, $level, $given->own($side, $level), $given->drawn($side, $level), on: $given->on($side, $level));
                    }
                }
            }
        }

        return $entries;
    }

    /** @return list<Applied> what slashing adds to the front's edges once they are drawn */
    public static function spread(Given $given): array
    {
        $entries = [];
        foreach ($given->levels as $level) {
            $share = $given->spread(PieceSide::Front, $level);
            foreach ($share->isZero() ? [] : $given->pieces->atSide($level, PieceSide::Front) as $piece) {
                $entries[] = Applied::further($piece->name, Applied::SIDE, PieceSide::Front, $level, $given->drawnIn($piece, PieceSide::Front, $level), $share);
            }
        }

        return $entries;
    }
}
