<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** A rule for the cup, and the bust rows by cup, figures as typed. */
#[OA\Schema(properties: [
    new OA\Property(property: 'measure', type: 'string', enum: ['high_bust_difference', 'front_half_difference']),
    new OA\Property(property: 'table', type: 'array', items: new OA\Items(ref: CupLineDocument::class)),
    new OA\Property(property: 'by_range', type: 'object', additionalProperties: new OA\AdditionalProperties(ref: CupRuleDocument::class)),
    new OA\Property(property: 'body_chart', ref: ChartDocument::class),
    new OA\Property(property: 'finished', ref: ChartDocument::class),
])]
final class CupsDocument
{
}
