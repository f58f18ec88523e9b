<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\StationData;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\ToldLine;
use Underbolt\Work\Told\ToldSide;
use Underbolt\Work\Told\ToldStation;

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

    public static function of(ToldLine $line, Plan $plan): self
    {
        $stations = static fn (ToldSide $side): array => array_map(static fn (ToldStation $one): StationData => StationData::of($one, $plan), $side->stations);

        return new self($stations($line->front), $line->isAlike ? null : $stations($line->back), $line->isFromNest);
    }
}
