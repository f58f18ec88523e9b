<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Pattern\DraftedEase;

/** What the charts leave out: how much ease each size was drawn with, finished less body. */
#[OA\Schema]
final readonly class DraftedEaseData
{
    /** @param  list<?int>  $ease_nm */
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(description: 'path of the finished row')] public string $path,
        #[OA\Property(description: 'one for each size', items: new OA\Items(type: 'integer', nullable: true))] public array $ease_nm,
    ) {
    }

    public static function of(DraftedEase $row): self
    {
        return new self($row->level->value, $row->path, array_map(static fn (?Length $ease): ?int => $ease?->nanometres, $row->ease));
    }
}
