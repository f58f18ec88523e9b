<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Seam\Station;

#[OA\Schema(description: 'outward positive, for each edge')]
final readonly class StationData
{
    public function __construct(
        #[OA\Property] public int $depth_nm,
        #[OA\Property] public ?string $from,
        #[OA\Property] public ?string $to,
        #[OA\Property(description: 'of the gap between the two lines, 0 to 1')] public ?float $share,
        #[OA\Property(description: 'of the move, what the blend is')] public ?int $blend_nm,
        #[OA\Property(description: 'of the move, what is taken in, let out or adjusted')] public ?int $change_nm,
        #[OA\Property(description: 'from the line it is taken from to the line that is cut')] public ?int $move_nm,
        #[OA\Property] public ?string $level,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self(
            depth_nm: $station->depth->nanometres,
            from: $station->from,
            to: $station->to,
            share: $station->share?->toFloat(),
            blend_nm: $station->blend?->nanometres,
            change_nm: $station->change?->nanometres,
            move_nm: $station->move?->nanometres,
            level: $station->level,
        );
    }
}
