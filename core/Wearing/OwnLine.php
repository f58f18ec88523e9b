<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingPlace;
use Underbolt\Measure\Length;

/** A line of one's own: measured on oneself, and on the paper between its stitching lines. */
final readonly class OwnLine
{
    /**
     * @param  string  $name  such as `shoulder width`
     * @param  Length  $ease  wished on it; below 0 where it shall be smaller than the body
     */
    public function __construct(public string $name, public FittingPlace $place, public Length $body, public Length $paper, public Length $ease)
    {
    }

    /** How much the paper lacks there, above 0, or has too much, below 0. */
    public function lacks(): Length
    {
        return $this->body->plus($this->ease)->minus($this->paper);
    }

    /** What is done about it: along the body it is a length, across it a width. */
    public function deed(): Alteration
    {
        $isMore = $this->lacks()->isPositive();

        return match ($this->place) {
            FittingPlace::Neck => $isMore ? Alteration::Lower : Alteration::Raise,
            FittingPlace::Armhole => $isMore ? Alteration::Lower : Alteration::Raise,
            FittingPlace::Sleeve, FittingPlace::Hem => $isMore ? Alteration::Lengthen : Alteration::Shorten,
            default => $isMore ? Alteration::Add : Alteration::Take,
        };
    }
}
