<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\StationData;
use Underbolt\Seam\StationTable;

final readonly class StationTableData
{
    /**
     * @param  list<StationData>  $front
     * @param  ?list<StationData>  $back  null where the back is cut like the front
     * @param  bool  $is_from_nest  whether they were read off the pattern's own lines
     */
    private function __construct(
        public array $front,
        public ?array $back,
        public bool $is_from_nest,
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
