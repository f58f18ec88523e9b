<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Paper\CutAs;

final readonly class SilhouetteData
{
    /**
     * @param  array<string, value-of<Weight>>  $levels
     * @param  value-of<CutAs>  $cut_as
     */
    public function __construct(
        public string $value,
        public string $label,
        public array $levels,
        public string $cut_as,
    ) {
    }
}
