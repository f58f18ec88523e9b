<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Records\MakeHistory;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\CameBack;

#[OA\Schema(description: 'what earlier makes of this wearer, of the same kind and cloth, teach')]
final readonly class OffersData
{
    /**
     * @param  list<OfferData>  $eases
     * @param  list<CameBackData>  $findings
     */
    private function __construct(
        #[OA\Property(items: new OA\Items(ref: OfferData::class))] public array $eases,
        #[OA\Property(items: new OA\Items(ref: CameBackData::class))] public array $findings,
    ) {
    }

    public static function of(Make $make, Unit $unit): self
    {
        $history = MakeHistory::before($make);

        return new self(
            OfferData::all($make, $history, $unit),
            array_map(static fn (CameBack $back): CameBackData => CameBackData::of($back, $unit), $history->cameBack($make->fitted())),
        );
    }
}
