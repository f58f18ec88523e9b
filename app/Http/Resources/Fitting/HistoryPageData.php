<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Models\Wearer;
use App\Records\MakeHistory;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;

#[OA\Schema(description: 'what was made for a wearer, the newest first')]
final readonly class HistoryPageData
{
    /** @param  list<HistoryMakeData>  $makes */
    private function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(items: new OA\Items(ref: HistoryMakeData::class))] public array $makes,
    ) {
    }

    public static function of(Wearer $wearer, Unit $unit): self
    {
        $makes = MakeHistory::all($wearer->id)->map(static fn (Make $make): HistoryMakeData => HistoryMakeData::of($make, $unit));

        return new self($wearer->id, $wearer->name, array_values($makes->all()));
    }
}
