<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

/** What a house does alike in all its patterns, figures as typed. */
#[OA\Schema(properties: [
    new OA\Property(property: 'chart_means', type: 'string', enum: ['upper_limit', 'middle'], nullable: true),
    new OA\Property(property: 'between', type: 'string', enum: ['up', 'down', 'nearest'], nullable: true),
    new OA\Property(property: 'drafted_cup', type: 'string', nullable: true),
    new OA\Property(property: 'cups', ref: CupsDocument::class),
    new OA\Property(property: 'seam_allowance', type: 'string', nullable: true),
    new OA\Property(property: 'hem_allowance', type: 'string', nullable: true),
])]
final class HabitsDocument
{
}
