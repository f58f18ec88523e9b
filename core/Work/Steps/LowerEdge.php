<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\ReachPlace;
use Underbolt\Pattern\Pieces\SeamKind;

/** A garment that ends between two levels, as a crop does: its lower edge gets what the line has moved by there, and below it nothing is told. */
final class LowerEdge
{
    /** Where it is told of, in place of a level. */
    private const STRETCH = 'hem';

    /** @return list<Level> those that the garment ends above, by its hem or by its pieces */
    public static function cutAway(Given $given): array
    {
        return array_values(array_filter($given->levels, static fn (Level $level): bool => self::isCutAway($given, $level)));
    }

    /** @return list<Applied> what the side edges get at the lower edge, where the line is not the printed one there */
    public static function entries(Given $given): array
    {
        $entries = [];
        foreach ($given->isPivoted() ? [] : Given::SIDES as $side) {
            $line = $side === PieceSide::Front ? $given->plan->frontDrawn : $given->plan->back;
            foreach ($given->isDrawn($side) ? $given->pieces->atSide(Level::Bust, $side) : [] as $piece) {
                $depth = self::depth($given, $piece);
                $move = $depth === null ? null : $line->stationAt($depth)->move;
                $size = $depth === null ? null : $line->sizeAt($depth);
                if ($move !== null && $size !== null && $given->plan->make->canBeDone($move)) {
                    $entries[] = new Applied(piece: $piece->name, edge: Applied::SIDE, side: $side, level: null, stretch: self::STRETCH, isSewn: false, line: $size, step: null, amount: $move);
                }
            }
        }

        return $entries;
    }

    private static function isCutAway(Given $given, Level $level): bool
    {
        if ($level === Level::Bust) {
            return false;
        }
        $here = $given->plan->front->depths->of($level);
        if ($here !== null && $given->plan->front->depths->hem?->isLessThan($here) === true) {
            return true;
        }
        $sided = array_filter($given->pieces->areListed ? $given->pieces->all : [], static fn (Piece $piece): bool => $piece->has(SeamKind::Side));
        $ending = array_filter($sided, self::endsBeside(...));

        return $ending !== [] && array_filter($sided, static fn (Piece $piece): bool => $piece->reach->holds($level)) === [];
    }

    /** How far below the underarm a piece ends, where that is no level: by its own reach, or by the hem. Null where it reaches on. */
    private static function depth(Given $given, Piece $piece): ?Length
    {
        $depths = $given->plan->front->depths;
        $last = $given->levels[count($given->levels) - 1] ?? Level::Bust;
        if (! $piece->has(SeamKind::Hem) || ($given->cutAway === [] && $piece->reach->holds($last))) {
            return null;
        }
        $end = $piece->reach->to;
        $level = $end->place->level();

        return match (true) {
            $level !== null && self::endsBeside($piece) => $depths->of($level)?->plus($end->below ?? Length::zero()),
            $end->place === ReachPlace::Hem => $depths->hem,
            default => null,
        };
    }

    private static function endsBeside(Piece $piece): bool
    {
        return $piece->reach->to->place->level() !== null && $piece->reach->to->below?->isZero() === false;
    }
}
