<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class CupData
{
    public function __construct(
        #[OA\Property] public string $letter,
        #[OA\Property] public int $difference_nm,
        #[OA\Property(enum: ['pattern', 'rule of thumb'])] public string $source,
        #[OA\Property(description: 'whose bust row is read, where it is another cup\'s')] public ?string $row,
    ) {
    }

    public static function of(Plan $plan): ?self
    {
        $cup = $plan->cup;

        return $cup === null
            ? null
            : new self(
                $cup->letter,
                $cup->difference->nanometres,
                $cup->source->value,
                $plan->situation->cupBust->bodyFrom ?? $plan->situation->cupBust?->finishedFrom,
            );
    }
}
