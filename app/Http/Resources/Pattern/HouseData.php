<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Models\House;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema]
final readonly class HouseData
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['cm', 'in'])] public string $unit,
        #[OA\Property(ref: HabitsDocument::class)] public stdClass $habits,
    ) {
    }

    public static function of(House $house): self
    {
        return new self($house->id, $house->version, $house->name, $house->unit->value, $house->habits);
    }
}
