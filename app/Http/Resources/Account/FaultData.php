<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\RefusalResponse;
use OpenApi\Attributes as OA;
use Underbolt\Fault;

#[OA\Schema]
final readonly class FaultData
{
    public function __construct(
        #[OA\Property(description: 'dotted path as in the make file')] public string $field,
        #[OA\Property] public string $message,
    ) {
    }

    public static function of(Fault $fault): self
    {
        return new self($fault->field, RefusalResponse::sentence($fault->message));
    }
}
