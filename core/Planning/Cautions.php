<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Pattern\Level;
use Underbolt\Pattern\Standing;
use Underbolt\Pattern\Weight;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\StepVerdict;

/** Looks a finished choice of sizes over for what is worth knowing before cutting. */
final readonly class Cautions
{
    private function __construct(private Make $make, private SizesInPlay $inPlay)
    {
    }

    /**
     * @param  array<string, ?LevelPlan>  $levels
     * @param  array{bust_waist: ?Step, waist_hip: ?Step}  $steps
     * @return list<Caution> from the top of the body down, then the steps
     */
    public static function of(Make $make, SizesInPlay $inPlay, array $levels, array $steps): array
    {
        $self = new self($make, $inPlay);
        $found = [];
        foreach ($levels as $name => $plan) {
            $level = Level::from($name);
            if (! LevelPlans::follows($make, $level)) {
                $found[] = $plan === null ? [Caution::notMeasured($level)] : $self->atLevel($plan);
            }
        }
        $found[] = $self->onStep($steps['bust_waist'], Level::Bust, Level::Waist);
        $found[] = $self->onStep($steps['waist_hip'], Level::Waist, Level::Hip);

        return array_merge(...$found);
    }

    /** @return list<Caution> */
    private function atLevel(LevelPlan $plan): array
    {
        return [
            ...$this->onStanding($plan),
            ...$this->onEase($plan),
            ...$this->onLeastEase($plan),
            ...$this->onEnvelope($plan),
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
        $other = $this->inPlay->otherDraftHolding($this->make, $level);

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
        $free = $this->make->pattern->weightAt($facts->level) === Weight::Free;
        if ($free || $plan->yourEase === null || $facts->leavesLeastEase($plan->size)) {
            return [];
        }

        return [Caution::underLeastEase($facts->level, $this->nameOf($plan->size), $plan->yourEase, $facts->leastEase, $this->make->unit)];
    }

    /** @return list<Caution> */
    private function onEnvelope(LevelPlan $plan): array
    {
        $missing = null;
        foreach ($this->make->pattern->ranges as $range) {
            if ($range->draft === $this->inPlay->draft && in_array($plan->size, $range->sizes, true)) {
                if ($range->owned) {
                    return [];
                }
                $missing ??= $range->name;
            }
        }

        return $missing === null ? [] : [Caution::rangeNotOwned($plan->facts->level, $this->nameOf($plan->size), $missing)];
    }

    /** @return list<Caution> */
    private function onStep(?Step $step, Level $upper, Level $lower): array
    {
        $worth = $step !== null
            && $step->sizes > $this->make->choices->largestStep
            && in_array($step->verdict, [StepVerdict::Care, StepVerdict::Avoid], true);

        return $worth ? [Caution::step($upper, $lower, $step->sizes)] : [];
    }

    private function nameOf(int $size): string
    {
        return $this->make->pattern->sizes[$size];
    }
}
