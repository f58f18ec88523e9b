<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\PieceCut;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class PieceCutData
{
    /** @param  list<string>  $sizes */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'in words')] public string $follows,
        #[OA\Property(description: 'from the top down; none for one size for all', items: new OA\Items(type: 'string'))] public array $sizes,
    ) {
    }

    public static function of(PieceCut $piece, Plan $plan): self
    {
        return new self($piece->name, $piece->follows->words(), array_map($plan->nameOf(...), $piece->sizes));
    }
}
