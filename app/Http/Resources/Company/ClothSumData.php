<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;
use Underbolt\Company\ClothSum;

#[OA\Schema(description: 'a cloth in one width, for all')]
final readonly class ClothSumData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $view,
        #[OA\Property] public ?int $width_nm,
        #[OA\Property] public int $amount_nm,
        #[OA\Property] public int $wearers,
        #[OA\Property(description: 'of them, those whose amount is not printed as a length')] public int $unknown,
    ) {
    }

    public static function of(ClothSum $cloth): self
    {
        return new self(
            name: $cloth->name,
            view: $cloth->view,
            width_nm: $cloth->width?->nanometres,
            amount_nm: $cloth->amount->nanometres,
            wearers: $cloth->wearers,
            unknown: $cloth->unknown,
        );
    }
}
