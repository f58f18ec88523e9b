<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Caution;

#[OA\Schema]
final readonly class CautionData
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public ?string $level,
        #[OA\Property] public string $text,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->code->value, $caution->level?->value, $caution->text);
    }
}
