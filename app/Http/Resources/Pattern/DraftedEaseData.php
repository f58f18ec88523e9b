<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\DraftedEase;

/** What the charts leave out: how much ease each size was drawn with, finished less body. */
final readonly class DraftedEaseData
{
    /**
     * @param  value-of<Level>  $level
     * @param  string  $path  path of the finished row
     * @param  list<?int>  $ease_nm  one for each size
     */
    public function __construct(
        public string $level,
        public string $path,
        public array $ease_nm,
    ) {
    }

    public static function of(DraftedEase $row): self
    {
        return new self($row->level->value, $row->path, array_map(static fn (?Length $ease): ?int => $ease?->nanometres, $row->ease));
    }
}
