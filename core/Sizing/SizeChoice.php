<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\SizeChart;

/** The size a school takes at a level, as a place in the pattern's list of sizes. */
final class SizeChoice
{
    public static function at(LevelFacts $facts): int
    {
        if ($facts->school === EaseSchool::Chart) {
            return $facts->chart->sizeOf($facts->body, $facts->between)->size;
        }
        $wished = $facts->wished();
        if ($wished !== null && $facts->finished !== null) {
            return self::byLikedEase($facts, $facts->finished, $wished);
        }

        return $facts->chart->nearest($facts->body, $facts->between);
    }

    /** The finished size nearest to the one wished for, among those that leave the least ease. */
    private static function byLikedEase(LevelFacts $facts, SizeChart $finished, Length $wished): int
    {
        $wearable = array_filter(
            $finished->values(),
            $facts->leavesLeastEase(...),
            ARRAY_FILTER_USE_KEY,
        );
        if ($wearable === []) {
            return array_key_last($finished->values());
        }

        return SizeChart::of($facts->level->row(), $wearable)->nearest($wished, BetweenRule::Up);
    }
}
