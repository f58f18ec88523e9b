<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use OpenApi\Attributes as OA;

/** The shape of every refusal; the framework and `RefusalResponse` write it. */
#[OA\Schema(required: ['message'])]
final readonly class Problem
{
    /** @param  array<string, list<string>>  $errors by field */
    public function __construct(
        #[OA\Property] public string $message,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array $errors,
    ) {
    }
}
