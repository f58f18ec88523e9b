<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;

/** The marks of a nest as they are kept: `Underbolt\File\NestMarksReader` reads them. */
#[OA\Schema(properties: [
    new OA\Property(property: 'lines', description: 'ids of lines by size', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'underarm', ref: NestPlaces::class),
    new OA\Property(property: 'hem', ref: NestPlaces::class),
    new OA\Property(property: 'armhole_top', ref: NestPlaces::class),
    new OA\Property(property: 'hem_fold', ref: NestPlaces::class),
    new OA\Property(property: 'waist_y', type: 'number'),
    new OA\Property(property: 'hip_y', type: 'number'),
    new OA\Property(property: 'lengthen_y', properties: [
        new OA\Property(property: 'above_waist', type: 'number', nullable: true),
        new OA\Property(property: 'below_waist', type: 'number', nullable: true),
    ], type: 'object', nullable: true),
    new OA\Property(property: 'grain', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')), nullable: true),
    new OA\Property(property: 'line_is', description: 'what the sizes are drawn as', type: 'string', enum: ['stitching', 'cutting'], nullable: true),
    new OA\Property(property: 'frame', description: 'two corners about the piece that is meant', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')), nullable: true),
    new OA\Property(property: 'true_size', description: 'whether the drawing is said to be of true size, whatever it looks like', type: 'boolean', nullable: true),
    new OA\Property(property: 'ends_at', description: 'where the side seam of a front or back ends; the hem where it is left out', type: 'string', enum: ['hem', 'waist'], nullable: true),
    new OA\Property(property: 'fold', type: 'string', enum: ['left', 'right']),
])]
final class NestMarksDocument
{
}
