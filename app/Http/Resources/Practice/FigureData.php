<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use OpenApi\Attributes as OA;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Ring;

/** A body to practise on: its sections, from which it is drawn. Where the tape belongs is not told before it was laid. */
final readonly class FigureData
{
    /** @param  list<list<float>>  $rings  height, half width, front depth, rear depth, middle; from low to high, in millimetres */
    public function __construct(
        public string $code,
        public string $name,
        #[OA\Property(items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $rings,
        public float $waist_mm,
    ) {
    }

    public static function of(string $code, Figure $figure): self
    {
        return new self($code, $figure->name, array_map(static fn (Ring $ring): array => [$ring->z, ...$ring->figures()], $figure->rings), $figure->at['waist']);
    }
}
