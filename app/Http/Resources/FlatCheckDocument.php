<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** The tissue of one size measured at a level, panel by panel, figures as typed. */
#[OA\Schema(required: ['size', 'panels'], properties: [
    new OA\Property(property: 'size', type: 'string'),
    new OA\Property(property: 'seam_allowance', type: 'string', nullable: true),
    new OA\Property(property: 'panels', type: 'array', items: new OA\Items(type: 'object', required: ['width'], properties: [
        new OA\Property(property: 'name', type: 'string', nullable: true),
        new OA\Property(property: 'width', type: 'string'),
        new OA\Property(property: 'times', type: 'integer', nullable: true),
        new OA\Property(property: 'darts', type: 'string', nullable: true),
        new OA\Property(property: 'allowances', type: 'integer', description: 'edges measured to the cutting line', nullable: true),
    ])),
])]
final class FlatCheckDocument
{
}
