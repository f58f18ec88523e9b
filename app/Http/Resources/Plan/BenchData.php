<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Account\Problem;
use App\Models\Make;
use App\Paper\MakePaper;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Refusal;

/** A make and its plan. */
final readonly class BenchData
{
    /** @param  list<KnownLevelData>  $known  levels that no plan has a size for; from the top down */
    public function __construct(
        public MakeData $make,
        public ?PlanData $plan,
        #[OA\Property(
            description: 'why there is no plan',
            oneOf: [new OA\Schema(ref: Problem::class), new OA\Schema(type: 'null')],
        )] public ?Problem $refused,
        public array $known,
    ) {
    }

    /** @param  Unit  $unit the unit the sentences speak in */
    public static function of(Make $make, Unit $unit, CarbonImmutable $today): self
    {
        $shown = MakeData::of($make, $unit, $today);
        try {
            $paper = MakePaper::of($make, $unit);
            $waiting = array_map(Level::from(...), $paper->plan->waitsFor());

            return new self($shown, PlanData::on($paper), null, $waiting === [] ? [] : KnownLevelData::all($make, $waiting));
        } catch (Refusal $refusal) {
            return new self($shown, null, Problem::of($refusal->faults()), KnownLevelData::all($make, Level::cases()));
        }
    }
}
