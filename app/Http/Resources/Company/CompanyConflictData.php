<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'the company sheet has changed since it was seen; this is how it stands')]
final readonly class CompanyConflictData
{
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(ref: CompanyHeadData::class)] public CompanyHeadData $head,
    ) {
    }
}
