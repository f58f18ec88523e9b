<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use Underbolt\Company\ClothSum;
use Underbolt\Company\NamedCount;
use Underbolt\Company\SizeCount;
use Underbolt\Company\Sums;
use Underbolt\Measure\Unit;

/** What all who have a plan need together. */
final readonly class CompanySumsData
{
    /**
     * @param  int  $planned  how many have a plan
     * @param  list<SizeCountData>  $sizes
     * @param  list<NamedCountData>  $envelopes
     * @param  list<ClothSumData>  $cloth  in each width it is listed in
     * @param  list<NamedCountData>  $notions
     */
    private function __construct(
        public int $planned,
        public array $sizes,
        public array $envelopes,
        public array $cloth,
        public array $notions,
    ) {
    }

    public static function of(Sums $sums, Unit $unit): self
    {
        $named = static fn (NamedCount $count): NamedCountData => new NamedCountData($count->name, $count->wearers, $count->toGet);

        return new self(
            planned: $sums->planned,
            sizes: array_map(static fn (SizeCount $count): SizeCountData => SizeCountData::of($count), $sums->sizes),
            envelopes: array_map($named, $sums->envelopes),
            cloth: array_map(static fn (ClothSum $cloth): ClothSumData => ClothSumData::of($cloth, $unit), $sums->cloth),
            notions: array_map($named, $sums->notions),
        );
    }
}
