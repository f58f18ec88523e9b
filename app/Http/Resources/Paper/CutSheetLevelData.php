<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use OpenApi\Attributes as OA;
use Underbolt\Paper\CutSheetLevel;

#[OA\Schema(description: 'lengths in whole nanometres')]
final readonly class CutSheetLevelData
{
    /** @param  list<string>  $done */
    public function __construct(
        #[OA\Property(enum: ['bust', 'waist', 'hip'])] public string $level,
        #[OA\Property(description: 'the printed line to follow')] public string $front,
        #[OA\Property] public string $back,
        #[OA\Property(description: 'what is done there; none where it is cut as printed', items: new OA\Items(type: 'string'))] public array $done,
        #[OA\Property(description: 'the finished garment')] public ?int $as_cut_nm,
        #[OA\Property(description: 'room in it')] public ?int $ease_as_cut_nm,
    ) {
    }

    public static function of(CutSheetLevel $level): self
    {
        return new self(
            level: $level->plan->facts->level->value,
            front: $level->front,
            back: $level->back,
            done: $level->done,
            as_cut_nm: $level->plan->asCut?->nanometres,
            ease_as_cut_nm: $level->plan->easeAsCut?->nanometres,
        );
    }
}
