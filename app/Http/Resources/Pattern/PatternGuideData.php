<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Models\House;
use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\StarterChart;
use Underbolt\Pattern\Paper\Follows;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\Silhouette;

/** What can be chosen while a pattern is put in. */
#[OA\Schema]
final readonly class PatternGuideData
{
    /**
     * @param  list<GarmentData>  $garments
     * @param  list<SilhouetteData>  $silhouettes
     * @param  list<OptionData>  $follows
     * @param  list<StarterData>  $starters
     * @param  list<HouseData>  $houses
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: GarmentData::class))] public array $garments,
        #[OA\Property(items: new OA\Items(ref: SilhouetteData::class))] public array $silhouettes,
        #[OA\Property(items: new OA\Items(ref: OptionData::class))] public array $follows,
        #[OA\Property(items: new OA\Items(ref: StarterData::class))] public array $starters,
        #[OA\Property(items: new OA\Items(ref: HouseData::class))] public array $houses,
    ) {
    }

    /** @param  list<House>  $houses */
    public static function of(array $houses): self
    {
        return new self(
            array_map(GarmentData::of(...), Garment::cases()),
            array_map(
                static fn (Silhouette $one): SilhouetteData => new SilhouetteData(
                    $one->value,
                    $one->name(),
                    array_map(static fn ($weight): string => $weight->value, $one->weights()),
                    $one->cutAs()->value,
                ),
                Silhouette::cases(),
            ),
            array_map(static fn (Follows $one): OptionData => new OptionData($one->value, $one->words()), Follows::cases()),
            array_map(StarterData::of(...), StarterChart::cases()),
            array_map(HouseData::of(...), $houses),
        );
    }
}
