<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Work\OnTissue;

#[OA\Schema(description: 'from fold or centre, darts jumped over')]
final readonly class OnTissueData
{
    public function __construct(
        #[OA\Property(description: 'a panel, or a quarter')] public string $name,
        #[OA\Property] public int $stitching_nm,
        #[OA\Property(description: 'null where no seam allowance is known')] public ?int $cutting_nm,
    ) {
    }

    public static function of(OnTissue $line): self
    {
        return new self($line->name, $line->stitching->nanometres, $line->cutting?->nanometres);
    }
}
