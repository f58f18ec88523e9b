<?php

declare(strict_types=1);

namespace App\Http\Resources\Company;

use OpenApi\Attributes as OA;
use Underbolt\Company\ClothSum;
use Underbolt\Company\NamedCount;
use Underbolt\Company\SizeCount;
use Underbolt\Company\Sums;
use Underbolt\Measure\Unit;

#[OA\Schema(description: 'what all who have a plan need together')]
final readonly class CompanySumsData
{
    /**
     * @param  list<SizeCountData>  $sizes
     * @param  list<NamedCountData>  $envelopes
     * @param  list<ClothSumData>  $cloth
     * @param  list<NamedCountData>  $notions
     */
    private function __construct(
        #[OA\Property(description: 'how many have a plan')] public int $planned,
        #[OA\Property(items: new OA\Items(ref: SizeCountData::class))] public array $sizes,
        #[OA\Property(items: new OA\Items(ref: NamedCountData::class))] public array $envelopes,
        #[OA\Property(description: 'in each width it is listed in', items: new OA\Items(ref: ClothSumData::class))] public array $cloth,
        #[OA\Property(items: new OA\Items(ref: NamedCountData::class))] public array $notions,
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
