<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Http\Resources\Plan\CurvePartData;
use App\Models\Make;
use OpenApi\Attributes as OA;
use Underbolt\Advice\Cautions;
use Underbolt\Planning\Plan;
use Underbolt\Wearing\NextStep;
use Underbolt\Wearing\Stage;

final readonly class MakeSummary
{
    /**
     * @param  int  $version  to be sent back with a change
     * @param  string  $name  its own; may be empty
     * @param  ?string  $headline  the plan in one sentence; null while it waits for something
     * @param  ?string  $waits_for  what it waits for; null when there is a plan
     * @param  int  $cautions  how many cautions the plan has
     * @param  int  $to_settle  how many of them are to be settled before anything is cut
     * @param  value-of<NextStep>  $next  what it waits for, in the order of the work
     * @param  ?string  $stage  how far it has come; null while it is only planned
     * @param  ?list<CurvePartData>  $line  the line of its front; null where it can't be drawn, or is one printed line and says nothing
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
        public int $to_settle,
        public string $next,
        public ?string $stage,
        public ?array $line,
    ) {
    }

    public static function of(Make $make, MakeTelling $told): self
    {
        $furthest = Stage::furthest($make->done);

        return new self(
            id: $make->id,
            version: $make->version,
            name: $make->name,
            wearer: $make->card->wearer->name,
            card_taken_on: $make->card->taken_on->toDateString(),
            card_foundation: $make->card->foundation,
            pattern: $make->pattern->name,
            pattern_id: $make->pattern_id,
            headline: $told->headline,
            waits_for: $told->waits_for,
            cautions: $told->cautions,
            to_settle: $told->to_settle,
            next: NextStep::of($furthest, $told->lacks_measures, $told->headline !== null && $told->to_settle === 0)->value,
            stage: $furthest?->words(),
            line: $told->line,
        );
    }
}
