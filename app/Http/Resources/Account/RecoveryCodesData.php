<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

final readonly class RecoveryCodesData
{
    /** @param  list<string>  $codes  shown this once */
    public function __construct(public array $codes)
    {
    }
}
