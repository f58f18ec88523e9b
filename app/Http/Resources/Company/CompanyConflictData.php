<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

/** The company sheet has changed since it was seen; this is how it stands. */
final readonly class CompanyConflictData
{
    public function __construct(
        public string $message,
        public CompanyHeadData $head,
    ) {
    }
}
