<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Standing;
use Underbolt\Pattern\Weight;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\Sure;

/** What is worth knowing about the size at one level. */
final readonly class LevelCautions
{
    public function __construct(private Situation $situation)
    {
    }

    /** @return list<Caution> */
    public function at(LevelPlan $plan): array
    {
        return [
            ...$this->onStanding($plan),
            ...$this->onEase($plan),
            ...$this->onLeastEase($plan),
            ...$this->onEnvelope($plan),
            ...($plan->sure === Sure::MeasureAgain ? [Caution::measureAgain($plan->facts->level, $this->nameOf($plan->size))] : []),
        ];
    }

    /** @return list<Caution> */
    private function onStanding(LevelPlan $plan): array
    {
        $level = $plan->facts->level;
        $nearest = $this->nameOf($plan->chart->size);
        $outside = match ($plan->chart->standing) {
            Standing::Below => Caution::belowRange($level, $nearest),
            Standing::Above => Caution::aboveRange($level, $nearest),
            default => null,
        };
        if ($outside === null) {
            return [];
        }
        $other = $this->situation->inPlay->otherDraftHolding($this->situation->make, $level);

        return $other === null ? [$outside] : [$outside, Caution::otherRangeFits($level, $other)];
    }

    /** @return list<Caution> */
    private function onEase(LevelPlan $plan): array
    {
        $facts = $plan->facts;

        return match (true) {
            $facts->school !== EaseSchool::Liked => [],
            $plan->finished === null => [Caution::noFinished($facts->level)],
            $facts->likedEase === null => [Caution::noLikedEase($facts->level)],
            default => [],
        };
    }

    /** @return list<Caution> */
    private function onLeastEase(LevelPlan $plan): array
    {
        $facts = $plan->facts;
        $free = $this->situation->make->pattern->weightAt($facts->level) === Weight::Free;
        if ($free || $plan->yourEase === null || $facts->leavesLeastEase($plan->size)) {
            return [];
        }

        return [Caution::underLeastEase($facts->level, $this->nameOf($plan->size), $plan->yourEase, $facts->leastEase, $this->situation->make->unit)];
    }

    /** @return list<Caution> */
    private function onEnvelope(LevelPlan $plan): array
    {
        $missing = null;
        foreach ($this->situation->make->pattern->ranges as $range) {
            if ($range->draft === $this->situation->inPlay->draft && in_array($plan->size, $range->sizes, true)) {
                if ($range->owned) {
                    return [];
                }
                $missing ??= $range->name;
            }
        }

        return $missing === null ? [] : [Caution::rangeNotOwned($plan->facts->level, $this->nameOf($plan->size), $missing)];
    }

    private function nameOf(int $size): string
    {
        return $this->situation->make->pattern->sizes[$size];
    }
}
