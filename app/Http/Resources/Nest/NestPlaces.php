<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;

#[OA\Schema(
    description: 'places by size, [x, y] in millimetres of the drawing',
    type: 'object',
    additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'number')),
)]
final class NestPlaces
{
}
