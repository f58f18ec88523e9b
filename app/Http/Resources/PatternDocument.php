<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The `pattern` part of a make file, figures as typed. */
#[OA\Schema(required: ['sizes', 'body_chart', 'finished', 'fabric', 'levels', 'seam'], properties: [
    new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'ranges', type: 'array', items: new OA\Items(type: 'object')),
    new OA\Property(property: 'body_chart', ref: ChartDocument::class),
    new OA\Property(property: 'finished', ref: ChartDocument::class),
    new OA\Property(property: 'fabric', type: 'object', required: ['kind'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: ['woven', 'knit']),
        new OA\Property(property: 'stretch_percent', type: 'number', nullable: true),
    ]),
    new OA\Property(property: 'levels', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['critical', 'matters', 'free'])),
    new OA\Property(property: 'seam', type: 'object', properties: [
        new OA\Property(property: 'edges', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
        new OA\Property(property: 'underarm_to_waist', type: 'string', nullable: true),
        new OA\Property(property: 'shoulder_to_waist', type: 'string', nullable: true),
        new OA\Property(property: 'waist_to_hip', type: 'string', nullable: true),
        new OA\Property(property: 'hip_to_hem', type: 'string', nullable: true),
        new OA\Property(property: 'seam_allowance', type: 'string', nullable: true),
        new OA\Property(property: 'hem_allowance', type: 'string', nullable: true),
    ]),
])]
final class PatternDocument
{
}
