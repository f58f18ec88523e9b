<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
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
            foreach ($given->levels() as $level) {
                if ($given->drawnIn($side, $level) === $step) {
                    [$line, $amount] = $given->counted($side, $level);
                    array_push($entries, ...array_map(static fn (Piece $piece): Applied => Applied::drawn($piece->name, $side, $level, $line, $amount), $given->pieces->atSide($level, $side)));
                }
            }
        }

        return [...$entries, ...($step === Given::DRAW ? self::beyondSpread($given) : [])];
    }

    /** @return list<Applied> */
    private static function beyondSpread(Given $given): array
    {
        $more = $given->isSlashed() ? $given->beyondSpread() : Length::zero();

        return $more->isZero() ? [] : array_map(
            static fn (Piece $piece): Applied => Applied::further($piece->name, Applied::SIDE, PieceSide::Front, Level::Bust, Given::ADJUST, $more),
            $given->pieces->atSide(Level::Bust, PieceSide::Front),
        );
    }
}
