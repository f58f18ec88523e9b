<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Wearing\Stage;

#[OA\Schema]
final readonly class StageData
{
    public function __construct(
        #[OA\Property(description: 'what it is ticked by')] public string $key,
        #[OA\Property] public string $words,
    ) {
    }

    public static function of(Stage $stage): self
    {
        return new self($stage->value, $stage->words());
    }
}
