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
     * @param  value-of<Level>  $level
     * @param  bool  $used  false where the envelope prints the row itself
     * @param  list<?int>  $finished_nm  one for each size
     */
    public function __construct(
        public string $level,
        public string $measured_size,
        public bool $used,
        public array $finished_nm,
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
