<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Pattern\Charts\Weight;

/**
 * What a misfit and what work count, in centimetres; data that the user may change.
 *
 * The defaults are tried on 260 bodies: with them the best plan is nearly always the nearest size at
 * every level, unless that makes a wide step (common practice, no published source).
 */
final readonly class CostWeights
{
    public const CRITICAL = 2.0;

    public const MATTERS = 1.0;

    public const FREE = 0.0;

    public const SLACK_CM = 1.0;

    public const WORSE = 2.0;

    public const EVERY_CM = 0.1;

    public const STEPS = [0.0, 1.0, 3.0, 8.0];

    public const FURTHER_STEP = 5.0;

    public const ADJUSTMENT = 2.0;

    public const ADJUSTMENT_PER_CM = 0.5;

    public const WORK = 1.0;

    /**
     * @param  float  $slackCm  so much is sewn in the seams anyway and costs next to nothing
     * @param  float  $worse  how much more counts what can't be hidden: too small in a woven or by the chart, too large at the bust
     * @param  float  $everyCm  what each centimetre costs all the same, slack or not
     * @param  list<float>  $steps  what a step of 0, 1, 2 ... sizes costs
     * @param  float  $furtherStep  each size beyond those
     * @param  float  $work  how much work counts against fit: 1 as it stands, less to fit closer, more to work less
     */
    public function __construct(
        private float $critical = self::CRITICAL,
        private float $matters = self::MATTERS,
        private float $free = self::FREE,
        public float $slackCm = self::SLACK_CM,
        public float $worse = self::WORSE,
        public float $everyCm = self::EVERY_CM,
        private array $steps = self::STEPS,
        private float $furtherStep = self::FURTHER_STEP,
        private float $adjustment = self::ADJUSTMENT,
        private float $adjustmentPerCm = self::ADJUSTMENT_PER_CM,
        private float $work = self::WORK,
    ) {
    }

    public function of(Weight $weight): float
    {
        return match ($weight) {
            Weight::Critical => $this->critical,
            Weight::Matters => $this->matters,
            Weight::Free => $this->free,
        };
    }

    /** @param  int<0, max>  $sizes between neighbouring levels */
    public function step(int $sizes): float
    {
        $last = count($this->steps) - 1;

        return $this->work * ($this->steps[$sizes] ?? $this->steps[$last] + $this->furtherStep * ($sizes - $last));
    }

    /** @param  float  $totalCm of a bust adjustment that is made */
    public function adjustment(float $totalCm): float
    {
        return $this->work * ($this->adjustment + $this->adjustmentPerCm * abs($totalCm));
    }
}
