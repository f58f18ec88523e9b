<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\RefusalResponse;
use Underbolt\Fault;

final readonly class FaultData
{
    /** @param  string  $field  dotted path as in the make file */
    public function __construct(
        public string $field,
        public string $message,
    ) {
    }

    public static function of(Fault $fault): self
    {
        return new self($fault->field, RefusalResponse::sentence($fault->message));
    }
}
