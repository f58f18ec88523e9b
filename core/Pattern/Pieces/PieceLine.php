<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

/** A piece in a line that can be looked over: `front, lining of 1 bodice front, side seam, underarm to hem`. */
final class PieceLine
{
    public static function of(Piece $piece, Unit $unit): string
    {
        $seams = array_filter($piece->seams, static fn (PieceSeam $seam): bool => $seam->kind !== SeamKind::Hem || $seam->joins !== Joins::Plain || $piece->reach->to->place !== ReachPlace::Hem);
        $end = static fn (ReachEnd $end): string => $end->below === null || $end->below->isZero()
            ? $end->place->value
            : LengthPrint::sentence($end->below->abs(), $unit).($end->below->isPositive() ? ' below ' : ' above ')."the {$end->place->value}";
        $isPlace = $piece->reach->from->position() === $piece->reach->to->position();

        return implode(', ', array_filter([
            match ($piece->side) {
                PieceSide::Both => 'front and back',
                PieceSide::None => '',
                default => $piece->side->value,
            },
            match ($piece->layer) {
                Layer::Outer => '',
                Layer::Other => 'no seam of the garment touches it',
                default => $piece->layer->value.($piece->of === null ? '' : " of {$piece->of}"),
            },
            implode(', ', array_map(static fn (PieceSeam $seam): string => self::seam($seam), $seams)),
            $piece->layer === Layer::Other || $piece->side === PieceSide::Sleeve || $piece->side === PieceSide::None ? '' : ($isPlace ? "at the {$end($piece->reach->from)}" : "{$end($piece->reach->from)} to {$end($piece->reach->to)}"),
        ], static fn (string $part): bool => $part !== ''));
    }

    private static function seam(PieceSeam $seam): string
    {
        return $seam->kind->words().($seam->joins === Joins::Plain ? '' : " {$seam->joins->value}");
    }
}
