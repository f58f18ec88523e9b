<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\StationData;
use OpenApi\Attributes as OA;
use Underbolt\Seam\StationTable;

#[OA\Schema]
final readonly class StationTableData
{
    /**
     * @param  list<StationData>  $front
     * @param  ?list<StationData>  $back
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: StationData::class))] public array $front,
        #[OA\Property(description: 'null where the back is cut like the front', type: 'array', items: new OA\Items(ref: StationData::class), nullable: true)] public ?array $back,
        #[OA\Property(description: 'whether they were read off the pattern\'s own lines')] public bool $is_from_nest,
    ) {
    }

    public static function of(StationTable $table): self
    {
        return new self(
            array_map(StationData::of(...), $table->front),
            $table->back === null ? null : array_map(StationData::of(...), $table->back),
            $table->isFromNest,
        );
    }
}
