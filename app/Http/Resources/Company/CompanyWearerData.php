<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CompanyWearerData
{
    public function __construct(#[OA\Property] public int $id, #[OA\Property] public string $name)
    {
    }
}
