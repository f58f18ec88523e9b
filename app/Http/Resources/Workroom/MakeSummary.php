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

final readonly class MakeSummary
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  string  $name  its own; may be empty
     * @param  ?string  $headline  the plan in one sentence; null while it waits for something
     * @param  ?string  $waits_for  what it waits for; null when there is a plan
     * @param  int  $cautions  how many cautions the plan has
     * @param  ?string  $stage  how far it has come; null while it is only planned
     * @param  ?list<CurvePartData>  $line  the line of its front; null where it can't be drawn
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $name,
        public string $wearer,
        #[OA\Property(description: 'its card', format: 'date')] public string $card_taken_on,
        public string $card_foundation,
        public string $pattern,
        public int $pattern_id,
        public ?string $headline,
        public ?string $waits_for,
        public int $cautions,
        public ?string $stage,
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
