<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Models\Wearer;
use App\Records\MakeHistory;
use Underbolt\Measure\Unit;

/** What was made for a wearer, the newest first. */
final readonly class HistoryPageData
{
    /** @param  list<HistoryMakeData>  $makes */
    private function __construct(
        public int $id,
        public string $name,
        public array $makes,
    ) {
    }

    public static function of(Wearer $wearer, Unit $unit): self
    {
        $makes = MakeHistory::all($wearer->id)->map(static fn (Make $make): HistoryMakeData => HistoryMakeData::of($make, $unit));

        return new self($wearer->id, $wearer->name, array_values($makes->all()));
    }
}
