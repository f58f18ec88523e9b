<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;
use Underbolt\Company\Row;
use Underbolt\Planning\LevelPlan;

#[OA\Schema(description: 'the size of one level')]
final readonly class CompanySizeData
{
    private function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(description: 'where there is little room')] public string $size,
        #[OA\Property(description: 'in the pattern\'s list of sizes, to sort by')] public int $place,
    ) {
    }

    /** @return list<self> */
    public static function all(Row $row): array
    {
        return array_values(array_map(
            static fn (LevelPlan $level): self => new self($level->facts->level->value, $row->plan->make->pattern->shortNameOf($level->size), $level->size),
            array_filter($row->plan->levels),
        ));
    }
}
