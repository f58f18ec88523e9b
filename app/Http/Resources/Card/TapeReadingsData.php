<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TapeReadingsData
{
    /** @param  list<TapeReadingData>  $readings oldest first */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TapeReadingData::class))] public array $readings,
    ) {
    }
}
