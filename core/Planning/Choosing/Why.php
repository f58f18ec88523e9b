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
        $byItself = "suggested: {$names[$facts->own]}";
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
            ).", so {$names[$size]} is suggested; by the {$where} alone it would be {$names[$facts->own]}.",
        };
    }

    private static function weighed(LevelFacts $facts, Sizes $sizes, int $size, Situation $situation): string
    {
        $name = $situation->make->pattern->sizes[$size];

        return match (true) {
            $size < $facts->own => self::smaller($facts, $size, $name, $situation),
            $facts->isTooSmall($facts->own) => self::tooSmall($facts, $situation),
            default => self::larger($facts, $sizes, $size, $situation),
        };
    }

    /** The planner takes less than the own pick only where nobody would let it out. */
    private static function smaller(LevelFacts $facts, int $size, string $name, Situation $situation): string
    {
        $left = $facts->leftOver($size);

        return $facts->isNearlyOwn($size)
            ? "{$name} lacks ".($left === null ? 'less than anybody alters' : $situation->make->say($left->abs()).', less than anybody alters,').' and saves work'
            : "The finished garment has room for this body in {$name}, and that saves work";
    }

    private static function tooSmall(LevelFacts $facts, Situation $situation): string
    {
        $own = $situation->make->pattern->sizes[$facts->own];
        $finished = $facts->finishedAt($facts->own);

        return $finished === null || $facts->body === null
            ? "{$own} is too small to move in"
            : "{$own} is too small to move in, {$situation->make->say($finished)} finished on {$situation->make->say($facts->body)}";
    }

    private static function larger(LevelFacts $facts, Sizes $sizes, int $size, Situation $situation): string
    {
        $costs = LevelCosts::of($facts, $situation->make->choices->weights);
        $steps = new StepCosts($situation);
        $saves = $steps->all($sizes->with($facts->level, $facts->own)) > $steps->all($sizes);

        return match (true) {
            $costs->fitOf($size) < $costs->fitOf($facts->own) => 'Weighed in centimetres, '.self::leaves($facts, $size, $situation)
                .' counts less than '.self::leaves($facts, $facts->own, $situation),
            $saves => ucfirst(self::leaves($facts, $size, $situation)).' counts no more than the step it saves',
            default => 'Both fit alike',
        };
    }

    private static function leaves(LevelFacts $facts, int $size, Situation $situation): string
    {
        $left = $facts->leftOver($size);

        return $left === null || $left->isZero() ? 'no difference' : $situation->make->leftOver($left);
    }
}
