<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Seam\Station;

#[OA\Schema]
final readonly class StationData
{
    public function __construct(
        #[OA\Property] public int $depth_nm,
        #[OA\Property] public ?string $from,
        #[OA\Property] public ?string $to,
        #[OA\Property(description: 'of the gap between the two lines, 0 to 1')] public ?float $share,
        #[OA\Property(description: 'outward positive, for each cut edge')] public ?int $offset_nm,
        #[OA\Property] public ?string $level,
    ) {
    }

    public static function of(Station $station): self
    {
        return new self(
            $station->depth->nanometres,
            $station->from,
            $station->to,
            $station->share?->toFloat(),
            $station->offset?->nanometres,
            $station->level,
        );
    }
}
