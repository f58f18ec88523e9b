<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Records\MakeHistory;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\CameBack;

/** What earlier makes of this wearer, of the same kind and cloth, teach. */
final readonly class OffersData
{
    /**
     * @param  list<OfferData>  $eases
     * @param  list<CameBackData>  $findings
     */
    private function __construct(
        public array $eases,
        public array $findings,
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
