<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Work\ShoppingNeed;

#[OA\Schema]
final readonly class NeedData
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $view,
        #[OA\Property] public ?int $width_nm,
        #[OA\Property] public ?int $amount_nm,
        #[OA\Property(description: 'as typed, where that says more than the amount')] public ?string $text,
    ) {
    }

    public static function of(ShoppingNeed $need): self
    {
        return new self($need->name, $need->view, $need->width?->nanometres, $need->amount?->nanometres, $need->text);
    }
}
