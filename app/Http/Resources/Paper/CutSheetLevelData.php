<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\CutSheet\CutSheetLevel;
use Underbolt\CutSheet\Done;
use Underbolt\Pattern\Charts\Level;

/** Lengths in whole nanometres. */
final readonly class CutSheetLevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  string  $front  the printed line to follow
     * @param  list<string>  $done  what is done there; none where it is cut as printed
     * @param  ?int  $as_cut_nm  the finished garment
     * @param  ?int  $ease_as_cut_nm  room in it
     */
    public function __construct(
        public string $level,
        public string $front,
        public string $back,
        public array $done,
        public ?int $as_cut_nm,
        public ?int $ease_as_cut_nm,
    ) {
    }

    public static function of(CutSheetLevel $level): self
    {
        return new self(
            level: $level->plan->facts->level->value,
            front: $level->front,
            back: $level->back,
            done: array_map(static fn (Done $done): string => $done->text, $level->done),
            as_cut_nm: $level->plan->asCut?->nanometres,
            ease_as_cut_nm: $level->plan->easeAsCut?->nanometres,
        );
    }
}
