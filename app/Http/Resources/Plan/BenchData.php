<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use App\Http\Resources\Account\Problem;
use App\Models\Make;
use Carbon\CarbonImmutable;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

#[OA\Schema(description: 'a make and its plan')]
final readonly class BenchData
{
    public function __construct(
        #[OA\Property(ref: MakeData::class)] public MakeData $make,
        #[OA\Property(oneOf: [new OA\Schema(ref: PlanData::class), new OA\Schema(type: 'null')])] public ?PlanData $plan,
        #[OA\Property(
            description: 'why there is no plan',
            oneOf: [new OA\Schema(ref: Problem::class), new OA\Schema(type: 'null')],
        )] public ?Problem $refused,
    ) {
    }

    /** @param  Unit  $unit the unit the sentences speak in */
    public static function of(Make $make, Unit $unit, CarbonImmutable $today): self
    {
        $shown = MakeData::of($make, $unit, $today);
        try {
            return new self($shown, PlanData::of(PlanBuilder::build($make->toCore($unit))), null);
        } catch (Refusal $refusal) {
            return new self($shown, null, Problem::of($refusal->faults()));
        }
    }
}
