<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Http\RefusalResponse;
use OpenApi\Attributes as OA;
use Underbolt\Fault;

/** The shape of every refusal; the framework and `RefusalResponse` write it. */
#[OA\Schema(required: ['message', 'errors'])]
final readonly class Problem
{
    /** @param  array<string, list<string>>  $errors  by field */
    public function __construct(
        public string $message,
        public array $errors,
    ) {
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function of(array $faults): self
    {
        $errors = [];
        foreach ($faults as $fault) {
            $errors[$fault->field][] = RefusalResponse::sentence($fault->message);
        }

        return new self(RefusalResponse::sentence($faults[0]->message), $errors);
    }
}
