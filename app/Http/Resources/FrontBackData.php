<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\FrontBack;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class FrontBackData
{
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property] public string $front,
        #[OA\Property] public string $back,
        #[OA\Property(description: 'of the whole girth')] public ?int $change_nm,
    ) {
    }

    public static function of(FrontBack $unlike, Plan $plan): self
    {
        return new self($unlike->level->value, $plan->nameOf($unlike->front), $plan->nameOf($unlike->back), $unlike->change?->nanometres);
    }
}
