<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Length;
use Underbolt\Measure\SpokenLength;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\Told;

/** How amounts and lines are worded: for the eye, or for the ear. */
final readonly class Saying
{
    private function __construct(private Plan $plan, private bool $isSpoken)
    {
    }

    public static function printed(Plan $plan): self
    {
        return new self($plan, false);
    }

    public static function spoken(Plan $plan): self
    {
        return new self($plan, true);
    }

    /** Without a sign: the words beside it say which way. */
    public function length(Length $length): string
    {
        return $this->isSpoken ? SpokenLength::of($length, $this->plan->make->unit) : $this->plan->make->say($length->abs());
    }

    /** `1 cm outward`. */
    public function move(Length $move): string
    {
        return $this->plan->make->canBeDone($move) ? "{$this->length($move)} ".($move->isPositive() ? 'outward' : 'inward') : 'nothing';
    }

    /** `line 14`, or `1 cm outside line 14`. */
    public function place(Told $told): string
    {
        $line = $this->plan->lineOf($told->size);
        if ($told->isOn || ! $this->plan->make->canBeDone($told->move)) {
            return $line;
        }

        return "{$this->length($told->move)} ".($told->move->isPositive() ? 'outside' : 'inside')." {$line}";
    }
}
