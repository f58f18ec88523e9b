<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;

/** What can be cut from the envelopes that are there, beside a plan that needs another one, with what it lacks. */
final readonly class OwnedWay
{
    /** @var list<string> what it lacks, level by level: `3 cm too little at the hip` */
    public array $lacks;

    /** @param  ?string  $range  the envelope to choose, where its sizes are drawn apart from those of the plan */
    private function __construct(public Alternative $way, public ?string $range, private Situation $situation)
    {
        $this->lacks = $this->lacking();
    }

    /** Null where the plan needs nothing else, or nothing else is there. */
    public static function of(Plan $plan): ?self
    {
        if (EnvelopeCautions::of($plan) === []) {
            return null;
        }
        $owned = self::owned($plan, $plan->inPlay->draft);
        if ($owned !== []) {
            return new self($plan->within($owned), null, $plan->situation);
        }
        foreach ($plan->make->pattern->ranges as $range) {
            $other = $range->owned ? self::planIn($range, $plan) : null;
            $sizes = $other === null ? [] : self::owned($other, $range->draft);
            if ($other !== null && $sizes !== []) {
                return new self($other->within($sizes), $range->told(), $other->situation);
            }
        }

        return null;
    }

    /** Null where no plan can be made in it. */
    private static function planIn(Range $range, Plan $plan): ?Plan
    {
        try {
            return PlanBuilder::build($plan->make->withChoices($plan->make->choices->inRange($range->name)));
        } catch (Unplannable) {
            return null;
        }
    }

    /** @return list<int> the sizes of a draft that are in an envelope which is owned, rising */
    private static function owned(Plan $plan, string $draft): array
    {
        $sizes = array_merge(...array_map(
            static fn (Range $range): array => $range->owned && $range->draft === $draft ? $range->sizes : [],
            $plan->make->pattern->ranges,
        ));
        sort($sizes);

        return array_values(array_unique($sizes));
    }

    /** @return list<string> */
    private function lacking(): array
    {
        $make = $this->situation->make;
        $lacks = [];
        foreach ($this->way->sizes->known() as $name => $size) {
            $facts = $this->situation->measured()[$name] ?? null;
            $left = $facts === null || $facts->isFree() ? null : $facts->leftOver($size);
            if ($left?->isNegative() === true && $make->canBeDone($left)) {
                $lacks[] = "{$make->leftOver($left)} at the ".Level::from($name)->value;
            }
        }

        return $lacks;
    }
}
