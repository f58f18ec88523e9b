<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\FlatCheck;
use Underbolt\Pattern\Pattern;

/** A finished row taken from the tissue: one size measured, the others along the body chart's steps. */
#[OA\Schema]
final readonly class FlatRowData
{
    /** @param  list<?int>  $finished_nm */
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property] public string $measured_size,
        #[OA\Property(description: 'false where the envelope prints the row itself')] public bool $used,
        #[OA\Property(description: 'one for each size', items: new OA\Items(type: 'integer', nullable: true))] public array $finished_nm,
    ) {
    }

    public static function of(FlatCheck $check, Pattern $pattern): self
    {
        $row = $check->row($pattern->bodyChart, count($pattern->sizes));
        $inChart = $pattern->finished->at($check->level->row(), $check->size);

        return new self(
            $check->level->value,
            $pattern->sizes[$check->size],
            $inChart !== null && $inChart->compare($check->finished()) === 0,
            array_map(static fn (?Length $finished): ?int => $finished?->nanometres, $row),
        );
    }
}
