<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

final readonly class CompanyWearerData
{
    public function __construct(public int $id, public string $name)
    {
    }
}
