<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\FlatCheck;
use Underbolt\Pattern\Pattern;

/** A finished row taken from the tissue: one size measured, the others along the body chart's steps. */
final readonly class FlatRowData
{
    /**
     * @param  value-of<Level>|'bicep'  $level
     * @param  bool  $used  whether the tissue's figure counts
     * @param  ?int  $printed_nm  what the envelope prints for the measured size
     * @param  bool  $differs  whether the two are so far apart that both are told
     * @param  bool  $is_complete  whether all panels seem to be measured
     * @param  list<?int>  $finished_nm  one for each size
     */
    public function __construct(
        public string $level,
        public string $measured_size,
        public bool $used,
        public ?int $printed_nm,
        public bool $differs,
        public bool $is_complete,
        public array $finished_nm,
    ) {
    }

    /** @param  value-of<Level>|'bicep'  $at */
    public static function of(string $at, FlatCheck $check, Pattern $pattern): self
    {
        $row = $check->allSizes($pattern->bodyChart, count($pattern->sizes));

        return new self(
            level: $at,
            measured_size: $pattern->sizes[$check->size],
            used: $check->isUsed(),
            printed_nm: $check->printed?->nanometres,
            differs: $check->differs(),
            is_complete: $check->isComplete(),
            finished_nm: array_map(static fn (?Length $finished): ?int => $finished?->nanometres, $row),
        );
    }
}
