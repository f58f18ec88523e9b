<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use Underbolt\Company\ClothSum;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;

/** A cloth in one width, for all. */
final readonly class ClothSumData
{
    /**
     * @param  string  $amount  in words, as it is bought
     * @param  int  $unknown  of them, those whose amount is not printed as a length
     */
    private function __construct(
        public string $name,
        public ?string $view,
        public ?int $width_nm,
        public string $amount,
        public int $wearers,
        public int $unknown,
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
