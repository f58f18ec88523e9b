<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The `choices` part of a make file, figures as typed. */
#[OA\Schema(properties: [
    new OA\Property(property: 'range', type: 'string', nullable: true),
    new OA\Property(property: 'between', type: 'string', enum: ['up', 'down', 'nearest']),
    new OA\Property(property: 'view', type: 'string', nullable: true),
    new OA\Property(property: 'fit', type: 'string', nullable: true),
    new OA\Property(property: 'ease', type: 'string', enum: ['chart', 'drafted', 'liked']),
    new OA\Property(property: 'blend', type: 'string', enum: ['curved', 'straight']),
    new OA\Property(property: 'liked_ease', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'least_ease', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'sizes', description: 'clips set by hand', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'largest_step', type: 'integer'),
    new OA\Property(property: 'dwell', type: 'string', nullable: true),
    new OA\Property(property: 'station_every', type: 'string', nullable: true),
])]
final class ChoicesDocument
{
}
