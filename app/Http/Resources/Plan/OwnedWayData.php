<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\OwnedWay;
use Underbolt\Planning\Plan;

final readonly class OwnedWayData
{
    /**
     * @param  ?string  $range  the envelope to choose, where its sizes are drawn apart from those of the plan
     * @param  list<string>  $lacks  what it lacks, level by level; none where it has room enough
     */
    public function __construct(public AlternativeData $way, public ?string $range, public array $lacks)
    {
    }

    public static function of(OwnedWay $owned, Plan $plan): self
    {
        return new self(AlternativeData::of($owned->way, $plan), $owned->range, $owned->lacks);
    }
}
