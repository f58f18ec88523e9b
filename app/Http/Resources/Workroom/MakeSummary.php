<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Http\Resources\Account\FaultData;
use App\Models\Make;
use OpenApi\Attributes as OA;
use Underbolt\Measure\Unit;
use Underbolt\Planning\Advice\Headline;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Wearing\Stage;

#[OA\Schema]
final readonly class MakeSummary
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(description: 'to be sent back with a change')] public int $version,
        #[OA\Property(description: 'its own; may be empty')] public string $name,
        #[OA\Property] public string $wearer,
        #[OA\Property(description: 'its card', format: 'date')] public string $card_taken_on,
        #[OA\Property] public string $card_foundation,
        #[OA\Property] public string $pattern,
        #[OA\Property(description: 'the plan in one sentence; null while it waits for something')] public ?string $headline,
        #[OA\Property(description: 'what it waits for; null when there is a plan')] public ?string $waits_for,
        #[OA\Property(description: 'how many cautions the plan has')] public int $cautions,
        #[OA\Property(description: 'how far it has come; null while it is only planned')] public ?string $stage,
    ) {
    }

    public static function of(Make $make, Unit $unit): self
    {
        $who = [$make->id, $make->version, $make->name, $make->card->wearer->name, $make->card->taken_on->toDateString(), $make->card->foundation, $make->pattern->name];
        $stage = Stage::furthest($make->done)?->words();
        try {
            $plan = PlanBuilder::build($make->toCore($unit));

            return new self(...$who, headline: Headline::of($plan), waits_for: null, cautions: count($plan->cautions()), stage: $stage);
        } catch (Refusal $refusal) {
            return new self(...$who, headline: null, waits_for: FaultData::of($refusal->faults()[0])->message, cautions: 0, stage: $stage);
        }
    }
}
