<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Http\Resources\Plan\StepPictureData;
use Underbolt\CutSheet\CutSheetLevel;
use Underbolt\CutSheet\Done;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Work\Pictures\SitsPicture;

/** Lengths in whole nanometres. */
final readonly class CutSheetLevelData
{
    /**
     * @param  value-of<Level>  $level
     * @param  string  $front  the printed line to follow
     * @param  ?string  $front_also  the second name of its size, where it has one
     * @param  list<string>  $done  what is done there; none where it is cut as printed
     * @param  ?int  $as_cut_nm  the finished garment
     * @param  ?int  $ease_as_cut_nm  room in it
     * @param  ?StepPictureData  $sits  a section of the body and the garment round it
     */
    public function __construct(
        public string $level,
        public string $front,
        public string $back,
        public ?string $front_also,
        public ?string $back_also,
        public array $done,
        public ?int $as_cut_nm,
        public ?int $ease_as_cut_nm,
        public ?StepPictureData $sits,
    ) {
    }

    public static function of(CutSheetLevel $level): self
    {
        return new self(
            level: $level->level->value,
            front: $level->front,
            back: $level->back,
            front_also: $level->frontAlso,
            back_also: $level->backAlso,
            done: array_map(static fn (Done $done): string => $done->text, $level->done),
            as_cut_nm: $level->plan?->asCut?->nanometres,
            ease_as_cut_nm: $level->plan?->easeAsCut?->nanometres,
            sits: $level->plan === null ? null : StepPictureData::ofAny(SitsPicture::of($level->plan)),
        );
    }
}
