<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Pieces\Piece;

final readonly class GarmentData
{
    /**
     * @param  value-of<Garment>  $value
     * @param  list<value-of<Level>>  $levels
     * @param  list<array{name: string, follows: string}>  $pieces  the usual ones
     */
    public function __construct(
        public string $value,
        public string $label,
        public array $levels,
        #[OA\Property(items: new OA\Items(ref: PieceDocument::class))] public array $pieces,
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
