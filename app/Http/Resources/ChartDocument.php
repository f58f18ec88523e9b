<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(type: 'object', description: 'rows by name, one text for each size, null where none is printed', additionalProperties: new OA\AdditionalProperties(
    type: 'array', items: new OA\Items(type: 'string', nullable: true),
))]
final class ChartDocument
{
}
