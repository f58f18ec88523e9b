<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;
use Underbolt\Work\PieceCut;

#[OA\Schema]
final readonly class PieceCutData
{
    /**
     * @param  list<string>  $sizes
     * @param  ?list<string>  $back_sizes
     * @param  list<string>  $changes
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'in words')] public string $follows,
        #[OA\Property(description: 'from the top down; none for one size for all', items: new OA\Items(type: 'string'))]
        public array $sizes,
        #[OA\Property(
            description: 'of its back half, where that is cut unlike',
            type: 'array',
            items: new OA\Items(type: 'string'),
            nullable: true,
        )] public ?array $back_sizes,
        #[OA\Property(description: 'beside the blend, in words', items: new OA\Items(type: 'string'))] public array $changes,
        #[OA\Property(description: 'how many are cut of it')] public ?int $times,
    ) {
    }

    public static function of(PieceCut $piece, Plan $plan): self
    {
        return new self(
            $piece->piece->name,
            $piece->piece->follows->words(),
            array_map($plan->nameOf(...), $piece->sizes),
            $piece->back === null ? null : array_map($plan->nameOf(...), $piece->back),
            $piece->changes,
            $piece->piece->times,
        );
    }
}
