<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The cup holds from its first difference up to, not with, its second. */
#[OA\Schema(required: ['cup', 'from', 'to'], properties: [
    new OA\Property(property: 'cup', type: 'string'),
    new OA\Property(property: 'from', type: 'string'),
    new OA\Property(property: 'to', type: 'string'),
])]
final class CupLineDocument
{
}
