<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;

/** One line of the answer: the head first, then the rows as they are planned, the sums last. */
#[OA\Schema]
final readonly class CompanyLineData
{
    public function __construct(
        #[OA\Property(oneOf: [new OA\Schema(ref: CompanyHeadData::class), new OA\Schema(type: 'null')])] public ?CompanyHeadData $head = null,
        #[OA\Property(oneOf: [new OA\Schema(ref: CompanyRowData::class), new OA\Schema(type: 'null')])] public ?CompanyRowData $row = null,
        #[OA\Property(oneOf: [new OA\Schema(ref: CompanySumsData::class), new OA\Schema(type: 'null')])] public ?CompanySumsData $sums = null,
    ) {
    }
}
