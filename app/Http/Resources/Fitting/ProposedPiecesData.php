<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Planning\Plan;
use Underbolt\Work\Facts\MakePieces;
use Underbolt\Work\Facts\TouchedPieces;

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
        $pieces = MakePieces::of($plan);
        $proposed = [];
        foreach (FittingPlace::cases() as $place) {
            foreach (FrontOrBack::cases() as $part) {
                $proposed[] = new self($place->value, $part->value, $pieces->areListed ? MakePieces::names(TouchedPieces::byFinding($place, $part, $pieces->all)) : []);
            }
        }

        return $proposed;
    }
}
