<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\Sizes;

/** What the steps between neighbouring levels cost, those counted that the line is drawn in without a measure. */
final readonly class StepCosts
{
    public const PAIRS = [[Level::Bust, Level::Waist], [Level::Waist, Level::Hip]];

    /** @var bool whether the bust hangs free, in no frame: nobody loosens a waist for it, so its step is no work */
    public bool $isBustFree;

    public function __construct(private Situation $situation)
    {
        $this->isBustFree = ($situation->facts['bust'] ?? null)?->isFree() === true;
    }

    /** @param  Sizes  $sizes  of the measured levels */
    public function all(Sizes $sizes): float
    {
        $drawn = $this->situation->withUnmeasured($sizes, false);
        $cost = 0.0;
        foreach (self::PAIRS as [$upper, $lower]) {
            $step = $drawn->step($upper, $lower);
            $cost += $step === null ? 0.0 : $this->of($upper, $step);
        }

        return $cost;
    }

    /** @param  int<0, max>  $step  sizes from a level down to the next */
    public function of(Level $upper, int $step): float
    {
        $fromBust = $upper === Level::Bust || isset($this->situation->unmeasured[Level::Waist->value]);

        return $this->isBustFree && $fromBust ? 0.0 : $this->situation->make->choices->weights->step($step);
    }
}
