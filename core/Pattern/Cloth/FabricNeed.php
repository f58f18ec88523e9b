<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

use Underbolt\Measure\Length;

/** How much cloth of one width a view takes, size by size. */
final readonly class FabricNeed
{
    /**
     * @param  list<?Length>  $amounts  one for each size
     * @param  list<?string>  $typed  the same as they were typed, where that names a unit
     */
    public function __construct(
        public ?string $view,
        public string $cloth,
        public ?Length $width,
        public array $amounts,
        public array $typed = [],
    ) {
    }
}
