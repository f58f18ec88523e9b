<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

/** One line of the answer: the head first, then the rows as they are planned, the sums last. */
final readonly class CompanyLineData
{
    public function __construct(
        public ?CompanyHeadData $head = null,
        public ?CompanyRowData $row = null,
        public ?CompanySumsData $sums = null,
    ) {
    }
}
