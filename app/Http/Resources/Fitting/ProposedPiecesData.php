<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Pattern\Paper\Piece;
use Underbolt\Planning\Plan;
use Underbolt\Wearing\FittingPlace;
use Underbolt\Wearing\FrontOrBack;
use Underbolt\Wearing\JoinedPieces;
use Underbolt\Work\PieceCut;

/** Pieces that a finding is likely to concern. */
final readonly class ProposedPiecesData
{
    /** @param  list<string>  $pieces */
    private function __construct(
        public string $place,
        public string $where,
        public array $pieces,
    ) {
    }

    /** @return list<self> for every place, and every part of it */
    public static function all(Plan $plan): array
    {
        $pieces = array_map(static fn (PieceCut $cut): Piece => $cut->piece, PieceCut::all($plan));
        $proposed = [];
        foreach (FittingPlace::cases() as $place) {
            foreach (FrontOrBack::cases() as $part) {
                $proposed[] = new self($place->value, $part->value, JoinedPieces::proposed($place, $part, $pieces));
            }
        }

        return $proposed;
    }
}
