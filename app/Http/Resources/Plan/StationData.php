<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\ToldStation;

/** Outward positive, for each edge. */
final readonly class StationData
{
    /**
     * @param  ?int  $blend_nm  of the move, what the blend is
     * @param  ?int  $change_nm  of the move, what is taken in, let out or adjusted
     * @param  ?ToldData  $told  as it is told at the table; null where no figure tells it
     * @param  ?int  $move_nm  from the line it is taken from to the line that is cut
     */
    public function __construct(
        public int $depth_nm,
        public ?string $from,
        public ?string $to,
        #[OA\Property(description: 'of the gap between the two lines, 0 to 1')] public ?float $share,
        public ?int $blend_nm,
        public ?int $change_nm,
        public ?int $move_nm,
        public ?string $level,
        public ?ToldData $told,
    ) {
    }

    public static function of(ToldStation $one, Plan $plan): self
    {
        $station = $one->station;

        return new self(
            depth_nm: $station->depth->nanometres,
            from: $station->from,
            to: $station->to,
            share: $station->share?->toFloat(),
            blend_nm: $station->blend?->nanometres,
            change_nm: $station->change?->nanometres,
            move_nm: $station->move?->nanometres,
            level: $station->level,
            told: $one->told === null ? null : ToldData::of($one->told, $plan),
        );
    }
}
