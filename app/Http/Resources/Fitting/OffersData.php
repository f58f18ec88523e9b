<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Records\LastTime;
use App\Records\MakeHistory;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\CameBack;

/** What earlier makes of this wearer, of the same kind and cloth, teach. */
final readonly class OffersData
{
    /**
     * @param  list<OfferData>  $eases
     * @param  list<CameBackData>  $findings
     * @param  ?LastTimeData  $last  what the last make of the same pattern was changed by
     */
    private function __construct(
        public array $eases,
        public array $findings,
        public ?LastTimeData $last,
    ) {
    }

    public static function of(Make $make, Unit $unit): self
    {
        $history = MakeHistory::before($make);
        $last = LastTime::of($history, $make, $unit);
        // What the last make of the pattern was changed by is told there.
        $findings = array_filter($history->cameBack($make->fitted()), static fn (CameBack $back): bool => $last === null || ! $back->isOfPattern);

        return new self(
            OfferData::all($make, $history, $unit),
            array_map(static fn (CameBack $back): CameBackData => CameBackData::of($back, $unit), array_values($findings)),
            LastTimeData::ofAny($last),
        );
    }
}
