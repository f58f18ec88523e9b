<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The rule of one range of sizes. */
#[OA\Schema(required: ['measure', 'table'], properties: [
    new OA\Property(property: 'measure', type: 'string', enum: ['high_bust_difference', 'front_half_difference']),
    new OA\Property(property: 'table', type: 'array', items: new OA\Items(ref: CupLineDocument::class)),
])]
final class CupRuleDocument
{
}
