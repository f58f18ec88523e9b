<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\Joins;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceLine;
use Underbolt\Pattern\Pieces\PieceSeam;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\ReachEnd;
use Underbolt\Pattern\Pieces\ReachPlace;
use Underbolt\Pattern\Pieces\SeamKind;

/** A piece as it is understood: what is typed of it, and what its name proposes. */
final readonly class UnderstoodPieceData
{
    /**
     * @param  string  $line  in words
     * @param  value-of<Follows>  $follows
     * @param  value-of<Layer>  $layer
     * @param  value-of<PieceSide>  $side
     * @param  list<value-of<SeamKind>>  $seams
     * @param  value-of<Joins>  $joins  how it is sewn on where it is not plain
     * @param  value-of<ReachPlace>  $from
     * @param  value-of<ReachPlace>  $to
     * @param  list<float>  $reach  from the shoulder, 0, to the hem, 4: for a picture
     */
    private function __construct(
        public string $name,
        public string $line,
        public string $follows,
        public string $layer,
        public string $side,
        public array $seams,
        public string $joins,
        public string $from,
        public string $to,
        public array $reach,
        public bool $on_fold,
    ) {
    }

    public static function of(Piece $piece, Unit $unit): self
    {
        $joins = array_filter(array_map(static fn (PieceSeam $seam): Joins => $seam->joins, $piece->seams), static fn (Joins $joins): bool => $joins !== Joins::Plain);

        return new self(
            name: $piece->name,
            line: PieceLine::of($piece, $unit),
            follows: $piece->follows->value,
            layer: $piece->layer->value,
            side: $piece->side->value,
            seams: array_map(static fn (PieceSeam $seam): string => $seam->kind->value, $piece->seams),
            joins: (array_values($joins)[0] ?? Joins::Plain)->value,
            from: $piece->reach->from->place->value,
            to: $piece->reach->to->place->value,
            reach: array_map(static fn (ReachEnd $end): float => $end->position(), [$piece->reach->from, $piece->reach->to]),
            on_fold: $piece->isOnFold,
        );
    }
}
