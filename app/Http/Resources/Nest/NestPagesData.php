<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;

/** A piece over many pages, before it is put together: millimetres of the page. */
#[OA\Schema(required: ['pages', 'window', 'columns', 'cells', 'across_mm', 'down_mm', 'moved', 'met', 'ends'], properties: [
    new OA\Property(property: 'pages', type: 'array', items: new OA\Items(required: ['lines', 'corners'], properties: [
        new OA\Property(property: 'lines', description: 'x and y in turn', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
        new OA\Property(property: 'corners', description: 'of all of them, and their ends: x and y in turn', type: 'array', items: new OA\Items(type: 'number')),
    ], type: 'object')),
    new OA\Property(property: 'window', description: 'left, top, right and bottom of what a page shows', type: 'array', items: new OA\Items(type: 'number')),
    new OA\Property(property: 'columns', type: 'integer'),
    new OA\Property(property: 'cells', description: 'which page, from 0, lies in each, row after row; one that is in none is left out', type: 'array', items: new OA\Items(type: 'integer', nullable: true)),
    new OA\Property(property: 'across_mm', description: 'from one page to the next to the right', type: 'number'),
    new OA\Property(property: 'down_mm', type: 'number'),
    new OA\Property(property: 'moved', description: 'where the pages lie on one another: x and y that each of them is moved by for that; null where they lie side by side', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')), nullable: true),
    new OA\Property(property: 'met', description: 'lines that go on across a join', type: 'integer'),
    new OA\Property(property: 'ends', description: 'lines that a page cuts off', type: 'integer'),
])]
final class NestPagesData
{
}
