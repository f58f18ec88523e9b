<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use App\Models\House;
use Underbolt\Pattern\Charts\StarterChart;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\Silhouette;
use Underbolt\Pattern\Paper\UsualLengths;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\SeamKind;

/** What can be chosen while a pattern is put in. */
final readonly class PatternGuideData
{
    /**
     * @param  list<GarmentData>  $garments
     * @param  list<SilhouetteData>  $silhouettes
     * @param  list<OptionData>  $follows
     * @param  list<OptionData>  $seams  that a piece can have
     * @param  list<StarterData>  $starters
     * @param  list<HouseData>  $houses
     * @param  list<UsualLengthData>  $usual_lengths
     */
    public function __construct(
        public array $garments,
        public array $silhouettes,
        public array $follows,
        public array $seams,
        public array $starters,
        public array $houses,
        public array $usual_lengths,
    ) {
    }

    /** @param  list<House>  $houses */
    public static function of(array $houses): self
    {
        return new self(
            garments: array_map(GarmentData::of(...), Garment::cases()),
            silhouettes: array_map(
                static fn (Silhouette $one): SilhouetteData => new SilhouetteData(
                    $one->value,
                    $one->name(),
                    array_map(static fn ($weight): string => $weight->value, $one->weights()),
                    $one->cutAs()->value,
                ),
                Silhouette::cases(),
            ),
            follows: array_map(static fn (Follows $one): OptionData => new OptionData($one->value, $one->words()), Follows::cases()),
            seams: array_map(static fn (SeamKind $one): OptionData => new OptionData($one->value, $one->words()), SeamKind::cases()),
            starters: array_map(StarterData::of(...), StarterChart::cases()),
            houses: array_map(HouseData::of(...), $houses),
            usual_lengths: array_map(UsualLengthData::of(...), UsualLengths::cases()),
        );
    }
}
