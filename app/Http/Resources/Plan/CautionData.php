<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Advice\Caution;

#[OA\Schema]
final readonly class CautionData
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public ?string $level,
        #[OA\Property] public string $text,
        #[OA\Property(description: 'something has to be found out or decided before the cloth is cut')] public bool $stops,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->code->value, $caution->level?->value, $caution->text, $caution->code->stopsCut());
    }
}
