<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;
use Underbolt\Company\ClothSum;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

#[OA\Schema(description: 'a cloth in one width, for all')]
final readonly class ClothSumData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $view,
        #[OA\Property] public ?int $width_nm,
        #[OA\Property(description: 'in words, as it is bought')] public string $amount,
        #[OA\Property] public int $wearers,
        #[OA\Property(description: 'of them, those whose amount is not printed as a length')] public int $unknown,
    ) {
    }

    /** @param  Unit  $unit  metres or yards */
    public static function of(ClothSum $cloth, Unit $unit): self
    {
        return new self(
            name: $cloth->name,
            view: $cloth->view,
            width_nm: $cloth->width?->nanometres,
            amount: LengthPrint::cloth($cloth->amount, $unit),
            wearers: $cloth->wearers,
            unknown: $cloth->unknown,
        );
    }
}
