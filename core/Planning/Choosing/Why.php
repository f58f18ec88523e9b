<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Planning\Asked\Pick;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** Why a level is cut in another size than it would pick by itself, in one sentence. */
final class Why
{
    /** Null where it is cut in its own pick. */
    public static function of(LevelFacts $facts, Sizes $sizes, Situation $situation, Alternatives $ways): ?string
    {
        $size = $sizes->at($facts->level);
        if ($size === null || $size === $facts->own) {
            return null;
        }
        $names = $situation->make->pattern->sizes;
        $where = $facts->level->value;
        $byItself = "by itself it would pick {$names[$facts->own]}";
        $leader = SizePick::leader($situation, $facts->level);

        return match (true) {
            $situation->make->choices->clip($facts->level) !== null => "You set {$names[$size]} at the {$where}; {$byItself}.",
            $facts->isFree() && $leader !== null && $sizes->at($leader) === $size => "The {$where} hangs free and "
                ."takes the size of the {$leader->value}; {$byItself}.",
            $facts->isFree() => "The {$where} hangs free, so only the steps beside it count; {$byItself}.",
            SizePick::pick($situation) === Pick::OneSize && $ways->oneSize()?->at($facts->level) === $size => 'All is cut in one size, the '
                ."{$where} too; {$byItself}.",
            default => self::weighed(
                $facts,
                $sizes,
                $size,
                $situation,
            ).", so the planner takes {$names[$size]} at the {$where}; {$byItself}.",
        };
    }

    private static function weighed(LevelFacts $facts, Sizes $sizes, int $size, Situation $situation): string
    {
        $weights = $situation->make->choices->weights;
        $costs = LevelCosts::of($facts, $weights);
        $saved = $weights->steps($sizes->with($facts->level, $facts->own)) - $weights->steps($sizes);
        if ($costs->fitOf($size) < $costs->fitOf($facts->own)) {
            return 'Weighed in centimetres, '.self::leaves($facts, $size, $situation).' counts less than '.self::leaves(
                $facts,
                $facts->own,
                $situation,
            );
        }

        return $saved > 0
            ? ucfirst(self::leaves($facts, $size, $situation)).' counts no more than the step it saves'
            : 'Both fit alike';
    }

    private static function leaves(LevelFacts $facts, int $size, Situation $situation): string
    {
        $left = $facts->leftOver($size);

        return $left === null || $left->isZero() ? 'nothing left over' : $situation->make->leftOver($left);
    }
}
