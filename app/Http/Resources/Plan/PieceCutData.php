<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Work\PieceCut;

final readonly class PieceCutData
{
    /**
     * @param  string  $follows  in words
     * @param  list<string>  $sizes  from the top down; none for one size for all
     * @param  ?list<string>  $back_sizes  of its back half, where that is cut unlike
     * @param  list<string>  $changes  beside the blend, in words
     * @param  value-of<PieceSide>  $side  that it lies on
     * @param  ?int  $times  how many are cut of it
     */
    public function __construct(
        public string $name,
        public string $follows,
        public array $sizes,
        public ?array $back_sizes,
        public array $changes,
        public ?int $times,
        public string $side,
    ) {
    }

    public static function of(PieceCut $piece, Plan $plan): self
    {
        return new self(
            name: $piece->piece->name,
            follows: $piece->piece->follows->words(),
            sizes: array_map($plan->nameOf(...), $piece->sizes()),
            back_sizes: $piece->back === null || $piece->back === $piece->sizes() ? null : array_map($plan->nameOf(...), $piece->back),
            changes: $piece->changes($plan),
            times: $piece->piece->times,
            side: $piece->piece->side->value,
        );
    }
}
