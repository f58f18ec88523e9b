<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Models\House;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Measure\Unit;

final readonly class HouseData
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  value-of<Unit>  $unit
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $unit,
        #[OA\Property(ref: HabitsDocument::class)] public stdClass $habits,
    ) {
    }

    public static function of(House $house): self
    {
        return new self($house->id, $house->version, $house->name, $house->unit->value, $house->habits);
    }
}
