<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'what a tape needs to send its readings')]
final readonly class TapeData
{
    public function __construct(
        #[OA\Property(description: 'where it posts to')] public string $address,
        #[OA\Property(description: 'shown this once')] public string $token,
        #[OA\Property(description: 'readings up to this one are old')] public int $last,
    ) {
    }
}
