<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Advice\Choosers;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Planning\Asked\Pick;
use Underbolt\Planning\Plan;
use Underbolt\Sizing\EaseSchool;

/** What is in force, chosen or not, and why a choice could change nothing now. */
final readonly class ChoosersData
{
    /**
     * @param  value-of<Pick>  $pick
     * @param  value-of<EaseSchool>  $ease
     * @param  value-of<BetweenRule>  $between
     */
    public function __construct(
        public string $pick,
        public string $ease,
        public string $between,
        public ?string $pick_idle,
        public ?string $between_idle,
        public ?string $order_idle,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $in = Choosers::of($plan);

        return new self(
            pick: $in->pick->value,
            ease: $in->ease->value,
            between: $plan->make->choices->between->value,
            pick_idle: $in->pickIdle,
            between_idle: $in->betweenIdle,
            order_idle: $in->orderIdle,
        );
    }
}
