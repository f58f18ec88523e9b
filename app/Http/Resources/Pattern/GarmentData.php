<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\Piece;

#[OA\Schema]
final readonly class GarmentData
{
    /**
     * @param  list<string>  $levels
     * @param  list<array{name: string, follows: string}>  $pieces
     */
    public function __construct(
        #[OA\Property(enum: ['dress', 'top', 'skirt', 'trousers', 'knit_top', 'coat'])] public string $value,
        #[OA\Property] public string $label,
        #[OA\Property(items: new OA\Items(type: 'string', enum: ['bust', 'waist', 'hip']))] public array $levels,
        #[OA\Property(description: 'the usual ones', items: new OA\Items(ref: PieceDocument::class))] public array $pieces,
    ) {
    }

    public static function of(Garment $garment): self
    {
        return new self(
            $garment->value,
            $garment->name(),
            array_map(static fn (Level $level): string => $level->value, $garment->levels()),
            array_map(
                static fn (Piece $piece): array => ['name' => $piece->name, 'follows' => $piece->follows->value],
                $garment->usualPieces(),
            ),
        );
    }
}
