<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Http\Resources\Account\FaultData;
use App\Http\Resources\Plan\CurvePartData;
use App\Models\Make;
use OpenApi\Attributes as OA;
use Underbolt\Advice\Cautions;
use Underbolt\Advice\Headline;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Wearing\Stage;

#[OA\Schema]
final readonly class MakeSummary
{
    /** @param  ?list<CurvePartData>  $line */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property(description: 'its own; may be empty')] public string $name,
        #[OA\Property] public string $wearer,
        #[OA\Property(description: 'its card', format: 'date')] public string $card_taken_on,
        #[OA\Property] public string $card_foundation,
        #[OA\Property] public string $pattern,
        #[OA\Property] public int $pattern_id,
        #[OA\Property(description: 'the plan in one sentence; null while it waits for something')] public ?string $headline,
        #[OA\Property(description: 'what it waits for; null when there is a plan')] public ?string $waits_for,
        #[OA\Property(description: 'how many cautions the plan has')] public int $cautions,
        #[OA\Property(description: 'how far it has come; null while it is only planned')] public ?string $stage,
        #[OA\Property(description: 'the line of its front; null where it can\'t be drawn', type: 'array', items: new OA\Items(ref: CurvePartData::class), nullable: true)]
        public ?array $line,
    ) {
    }

    public static function of(Make $make, Unit $unit): self
    {
        $who = [$make->id, $make->version, $make->name, $make->card->wearer->name, $make->card->taken_on->toDateString(), $make->card->foundation, $make->pattern->name, $make->pattern_id];
        $stage = Stage::furthest($make->done)?->words();
        try {
            $plan = PlanBuilder::build($make->toCore($unit));

            return new self(...$who, headline: Headline::of($plan), waits_for: null, cautions: count(Cautions::of($plan)), stage: $stage, line: self::line($plan));
        } catch (Refusal $refusal) {
            return new self(...$who, headline: null, waits_for: FaultData::of($refusal->faults()[0])->message, cautions: 0, stage: $stage, line: null);
        }
    }

    /** @return ?list<CurvePartData> */
    private static function line(Plan $plan): ?array
    {
        $drawing = $plan->drawing();

        return $drawing === null ? null : array_map(CurvePartData::of(...), $drawing->front->parts);
    }
}
