<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NumberShape;
use Underbolt\Planning\Asked\CostWeights;

/** What misfit and work count, where the make says other than the usual. */
final readonly class WeightsKeys implements Keys
{
    use ListsKeys;

    private const MOST = 100;

    public function __construct(
        /** @var Key<float> */
        public Key $critical = new Key('critical', new NumberShape(0, self::MOST), usual: CostWeights::CRITICAL),
        /** @var Key<float> */
        public Key $matters = new Key('matters', new NumberShape(0, self::MOST), usual: CostWeights::MATTERS),
        /** @var Key<float> */
        public Key $free = new Key('free', new NumberShape(0, self::MOST), usual: CostWeights::FREE),
        /** @var Key<float> */
        public Key $slackCm = new Key('slack_cm', new NumberShape(0, self::MOST), usual: CostWeights::SLACK_CM),
        /** @var Key<float> */
        public Key $worse = new Key('too_small', new NumberShape(0, self::MOST), usual: CostWeights::WORSE),
        /** @var Key<float> */
        public Key $everyCm = new Key('every_cm', new NumberShape(0, self::MOST), usual: CostWeights::EVERY_CM),
        /** @var Key<float> */
        public Key $furtherStep = new Key('further_step', new NumberShape(0, self::MOST), usual: CostWeights::FURTHER_STEP),
        /** @var Key<float> */
        public Key $adjustment = new Key('adjustment', new NumberShape(0, self::MOST), usual: CostWeights::ADJUSTMENT),
        /** @var Key<float> */
        public Key $adjustmentPerCm = new Key('adjustment_per_cm', new NumberShape(0, self::MOST), usual: CostWeights::ADJUSTMENT_PER_CM),
        /** @var Key<float> */
        public Key $work = new Key('work', new NumberShape(0, self::MOST), usual: CostWeights::WORK),
        /** @var Key<list<float>> */
        public Key $steps = new Key(
            'steps',
            new ListShape(new NumberShape(0, self::MOST), 20),
            'what a step of 0, 1, 2 ... sizes costs',
            usual: CostWeights::STEPS,
        ),
    ) {
    }
}
