<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Planning\Plan;

/** Whose make a cut sheet is for, as far as that is said. */
final readonly class SheetHead
{
    /**
     * @param  ?string  $card  the day it was taken, YYYY-MM-DD
     * @param  ?string  $underneath  what was worn then
     */
    public function __construct(
        public ?string $make,
        public ?string $wearer,
        public ?string $card,
        public ?string $underneath,
        public ?string $pattern,
        public ?string $view,
        public ?string $fit,
        public ?string $cup,
    ) {
    }

    /** Of a make file: nobody is named in it. */
    public static function of(Plan $plan): self
    {
        $choices = $plan->make->choices;
        $name = $plan->make->pattern->name;

        return new self(make: null, wearer: null, card: null, underneath: null, pattern: $name === '' ? null : $name, view: $choices->view, fit: $choices->fit, cup: $plan->cup?->letter);
    }
}
