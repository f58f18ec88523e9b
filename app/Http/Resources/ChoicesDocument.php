<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The `choices` part of a make file, figures as typed. */
#[OA\Schema(properties: [
    new OA\Property(property: 'range', type: 'string', nullable: true),
    new OA\Property(property: 'between', type: 'string', enum: ['up', 'down', 'nearest']),
    new OA\Property(property: 'lead', type: 'string', enum: ['full_bust', 'cup', 'high_bust', 'high_bust_as_is', 'cross_front'], nullable: true),
    new OA\Property(property: 'pick', type: 'string', enum: ['best', 'level', 'one_size']),
    new OA\Property(property: 'own_garment', description: 'flat widths of a garment that fits well', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'centre_back', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'front_larger', description: 'by so many sizes', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'order', type: 'string', enum: ['blend_first', 'length_first'], nullable: true),
    new OA\Property(property: 'weights', type: 'object', additionalProperties: new OA\AdditionalProperties(oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'array', items: new OA\Items(type: 'number'))])),
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
    new OA\Property(property: 'take', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['in_line', 'sew', 'leave'], nullable: true)),
    new OA\Property(property: 'by_hand', description: 'outward positive, for each side edge', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'object', nullable: true, properties: [
        new OA\Property(property: 'front', type: 'string', nullable: true),
        new OA\Property(property: 'back', type: 'string', nullable: true),
    ])),
    new OA\Property(property: 'lengths', description: 'changes set by hand', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'method', type: 'string', enum: ['pivot', 'slash'], nullable: true),
    new OA\Property(property: 'adjust_bust', type: 'boolean', nullable: true),
])]
final class ChoicesDocument
{
}
