<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The `pattern` part of a make file, figures as typed. */
#[OA\Schema(required: ['sizes', 'body_chart', 'finished', 'fabric', 'levels', 'seam'], properties: [
    new OA\Property(property: 'sizes', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'garment', type: 'string', enum: ['dress', 'top', 'skirt', 'trousers', 'knit_top', 'coat'], nullable: true),
    new OA\Property(property: 'pulled_on', type: 'boolean'),
    new OA\Property(property: 'cut_as', type: 'string', enum: ['blended', 'one_size'], nullable: true),
    new OA\Property(property: 'chart_means', type: 'string', enum: ['upper_limit', 'middle'], nullable: true),
    new OA\Property(property: 'between', type: 'string', enum: ['up', 'down', 'nearest'], nullable: true),
    new OA\Property(property: 'ranges', type: 'array', items: new OA\Items(ref: RangeDocument::class)),
    new OA\Property(property: 'least_ease', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
    new OA\Property(property: 'body_chart', ref: ChartDocument::class),
    new OA\Property(property: 'finished', ref: ChartDocument::class),
    new OA\Property(property: 'cups', ref: CupsDocument::class),
    new OA\Property(property: 'views', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'fits', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'finished_by', type: 'array', items: new OA\Items(type: 'object', required: ['finished'], properties: [
        new OA\Property(property: 'view', type: 'string', nullable: true),
        new OA\Property(property: 'fit', type: 'string', nullable: true),
        new OA\Property(property: 'cup', type: 'string', nullable: true),
        new OA\Property(property: 'finished', ref: ChartDocument::class),
    ])),
    new OA\Property(property: 'flat_checks', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: FlatCheckDocument::class)),
    new OA\Property(property: 'pieces', type: 'array', items: new OA\Items(ref: PieceDocument::class)),
    new OA\Property(property: 'fabric_needs', type: 'array', items: new OA\Items(type: 'object', required: ['amounts'], properties: [
        new OA\Property(property: 'view', type: 'string', nullable: true),
        new OA\Property(property: 'cloth', type: 'string', nullable: true),
        new OA\Property(property: 'width', type: 'string', nullable: true),
        new OA\Property(property: 'amounts', type: 'array', items: new OA\Items(type: 'string', nullable: true)),
    ])),
    new OA\Property(property: 'notions', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'by_size'], properties: [
        new OA\Property(property: 'view', type: 'string', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'by_size', type: 'array', items: new OA\Items(type: 'string', nullable: true)),
    ])),
    new OA\Property(property: 'lengthen_lines', type: 'array', items: new OA\Items(type: 'string', enum: ['above_waist', 'below_waist', 'hem', 'sleeve'])),
    new OA\Property(property: 'fabric', type: 'object', required: ['kind'], properties: [
        new OA\Property(property: 'kind', type: 'string', enum: ['woven', 'knit']),
        new OA\Property(property: 'stretch_percent', type: 'number', nullable: true),
    ]),
    new OA\Property(property: 'levels', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', enum: ['critical', 'matters', 'free'])),
    new OA\Property(property: 'seam', type: 'object', properties: [
        new OA\Property(property: 'edges', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
        new OA\Property(property: 'nest_edges', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
        new OA\Property(property: 'waist_to_hem_edge', type: 'string', nullable: true),
        new OA\Property(property: 'underarm_to_waist', type: 'string', nullable: true),
        new OA\Property(property: 'shoulder_to_waist', type: 'string', nullable: true),
        new OA\Property(property: 'waist_to_hip', type: 'string', nullable: true),
        new OA\Property(property: 'hip_to_hem', type: 'string', nullable: true),
        new OA\Property(property: 'sleeve_length', type: 'string', nullable: true),
        new OA\Property(property: 'seam_allowance', type: 'string', nullable: true),
        new OA\Property(property: 'hem_allowance', type: 'string', nullable: true),
        new OA\Property(property: 'sleeve_hem_allowance', type: 'string', nullable: true),
    ]),
])]
final class PatternDocument
{
}
