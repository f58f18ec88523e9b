<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** One envelope; those that share a draft were drawn as one set of lines. */
#[OA\Schema(required: ['name', 'sizes'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'drafted_cup', type: 'string', nullable: true),
    new OA\Property(property: 'height', type: 'string', nullable: true),
    new OA\Property(property: 'draft', type: 'string', nullable: true),
    new OA\Property(property: 'owned', type: 'boolean'),
])]
final class RangeDocument
{
}
