<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Planning\Asked\Pick;
use Underbolt\Planning\Choosing\SizePick;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseSchool;

/** What is in force of the choices that are always in sight, and why one of them could change nothing now. */
final readonly class Choosers
{
    /**
     * @param  ?string  $pickIdle  why another pick would change nothing; null where one would
     * @param  ?string  $betweenIdle  the same of the rule between two sizes
     * @param  ?string  $orderIdle  the same of the order of work
     */
    private function __construct(
        public Pick $pick,
        public EaseSchool $ease,
        public ?string $pickIdle,
        public ?string $betweenIdle,
        public ?string $orderIdle,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $levels = array_filter($plan->levels);
        $first = array_values($levels)[0] ?? null;

        return new self(
            SizePick::pick($plan->situation),
            $first->facts->asked ?? EaseSchool::Chart,
            self::pickIdle($plan, $levels),
            self::betweenIdle($plan, $levels),
            self::orderIdle($plan),
        );
    }

    /** @param  array<string, LevelPlan>  $levels */
    private static function pickIdle(Plan $plan, array $levels): ?string
    {
        $byHand = array_filter($levels, static fn (LevelPlan $level): bool => $plan->make->choices->clip($level->facts->level) !== null);
        if (count($byHand) === count($levels)) {
            return 'all set by hand';
        }
        $oneSize = $plan->oneSize();
        $own = array_map(static fn (LevelPlan $level): int => $level->follows ? $level->size : $level->facts->own, $levels);
        $alike = $plan->sizes->known() === $own && ($oneSize === null || $oneSize->equals($plan->sizes));

        return $alike ? 'all ways agree' : null;
    }

    /** @param  array<string, LevelPlan>  $levels */
    private static function betweenIdle(Plan $plan, array $levels): ?string
    {
        if ($plan->frame->chart?->standing === ChartPosition::Between) {
            return null;
        }
        $counting = array_filter($levels, static fn (LevelPlan $level): bool => ! $level->isFree && $level->facts->frame === null);
        $schools = array_map(static fn (LevelPlan $level): EaseSchool => $level->facts->school, $counting);
        $between = array_filter(
            $counting,
            static fn (LevelPlan $level): bool => $level->facts->school === EaseSchool::Chart
                && $level->facts->chartSize?->standing === ChartPosition::Between,
        );

        return match (true) {
            $between !== [] => null,
            in_array(EaseSchool::Chart, $schools, true) => 'each measure is on a size',
            default => 'ease takes the nearest',
        };
    }

    private static function orderIdle(Plan $plan): ?string
    {
        $changes = array_filter(
            [$plan->lengths->aboveWaist, $plan->lengths->belowWaist],
            static fn ($change): bool => $change !== null && ! $change->isZero(),
        );

        return $changes === [] ? 'no length changes' : null;
    }
}
