<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;

final readonly class GarmentData
{
    /**
     * @param  value-of<Garment>  $value
     * @param  list<value-of<Level>>  $levels
     */
    public function __construct(
        public string $value,
        public string $label,
        public array $levels,
    ) {
    }

    public static function of(Garment $garment): self
    {
        return new self($garment->value, $garment->name(), array_map(static fn (Level $level): string => $level->value, $garment->levels()));
    }
}
