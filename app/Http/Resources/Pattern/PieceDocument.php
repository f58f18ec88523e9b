<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

/** One paper piece and the size it is cut in. */
#[OA\Schema(required: ['name', 'follows'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'follows', type: 'string', enum: ['frame', 'waist', 'hip', 'waist_and_hip', 'all_levels', 'one_size']),
    new OA\Property(property: 'cups', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'times', description: 'how many are cut of it', type: 'integer', nullable: true),
    new OA\Property(
        property: 'part_of',
        description: 'the shape that pieces make which are pinned together before they are changed',
        type: 'string',
        nullable: true,
    ),
])]
final class PieceDocument
{
}
