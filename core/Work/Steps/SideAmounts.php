<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;

/** The amounts of the side edges at a level, once where front and back are alike. */
final class SideAmounts
{
    /** Two side seams have two front edges and two back edges. */
    private const EDGES_OF_A_SIDE = 2;

    /**
     * @param  list<PieceSide>  $sides  that are drawn
     * @return list<StepAmount> none where nothing can be measured there
     */
    public static function at(Given $given, Level $level, string $at, array $sides): array
    {
        $moves = [];
        foreach ($sides as $side) {
            $move = $given->told($side, $level)->move ?? Length::zero();
            if ($given->plan->make->canBeDone($move)) {
                $moves[$side->value] = $move;
            }
        }
        $front = $moves[PieceSide::Front->value] ?? null;
        $back = $moves[PieceSide::Back->value] ?? null;
        if ($front !== null && $back !== null && $front->compare($back) === 0) {
            return [new StepAmount($at, 'front and back', 'each edge', $front, 2 * self::EDGES_OF_A_SIDE)];
        }

        return array_map(
            static fn (string $side, Length $move): StepAmount => new StepAmount($at, $side, "{$side} edge", $move, self::EDGES_OF_A_SIDE),
            array_keys($moves),
            array_values($moves),
        );
    }
}
