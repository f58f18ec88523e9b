<?php

declare(strict_types=1);

namespace App\Records;

use stdClass;

/** What was found on one make, as another begins with it: that of the tracing in hand, to be done again. */
final class CarriedFindings
{
    /** The first tracing that has findings in it. */
    public const TRACING = 2;

    /** @return list<stdClass> in the order in which they were found */
    public static function of(stdClass $fitting): array
    {
        $tracing = is_int($fitting->tracing ?? null) ? $fitting->tracing : 1;
        $carried = [];
        foreach (is_array($fitting->findings ?? null) ? $fitting->findings : [] as $finding) {
            if ($finding instanceof stdClass && ($finding->tracing ?? self::TRACING) <= $tracing) {
                $again = clone $finding;
                $again->tracing = self::TRACING;
                $again->carried = true;
                unset($again->done);
                $carried[] = $again;
            }
        }

        return $carried;
    }
}
