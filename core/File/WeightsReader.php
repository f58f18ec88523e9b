<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\WeightsKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\Planning\Asked\CostWeights;

/** Reads what misfit and work count, where the make says other than the usual. */
final class WeightsReader
{
    public static function read(Fields $fields): CostWeights
    {
        $keys = new WeightsKeys;
        $steps = $fields->all($keys->steps);

        return new CostWeights(
            critical: self::number($fields, $keys->critical),
            matters: self::number($fields, $keys->matters),
            free: self::number($fields, $keys->free),
            slackCm: self::number($fields, $keys->slackCm),
            worse: self::number($fields, $keys->worse),
            everyCm: self::number($fields, $keys->everyCm),
            steps: $steps === [] ? CostWeights::STEPS : $steps,
            furtherStep: self::number($fields, $keys->furtherStep),
            adjustment: self::number($fields, $keys->adjustment),
            adjustmentPerCm: self::number($fields, $keys->adjustmentPerCm),
            work: self::number($fields, $keys->work),
        );
    }

    /** @param  Key<float>  $key  one that has a usual */
    private static function number(Fields $fields, Key $key): float
    {
        return $fields->sure($key);
    }
}
