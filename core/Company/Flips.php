<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Measure\Length;
use Underbolt\Planning\Advice\Caution;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** What becomes another in a plan when something it is made from is: in sentences, the sizes first. */
final class Flips
{
    /** @return list<string> empty where nothing does that is cut, done or watched */
    public static function between(Plan $before, Plan $after): array
    {
        $rows = [Row::of($before), Row::of($after)];

        return [
            ...self::sizes($before, $after),
            ...self::frame(...$rows),
            ...self::adjustment(...$rows),
            ...self::drawnIn(...$rows),
            ...self::lengths($before, $after),
            ...self::cautions($before, $after),
        ];
    }

    /** @return list<string> */
    private static function sizes(Plan $before, Plan $after): array
    {
        $flips = [];
        foreach (array_filter($after->levels) as $name => $level) {
            $was = $before->levels[$name] ?? null;
            if ($was instanceof LevelPlan && $was->size !== $level->size) {
                $flips[] = "The {$name} is cut in {$after->nameOf($level->size)} instead of {$before->nameOf($was->size)}.";
            }
        }

        return $flips;
    }

    /** @return list<string> */
    private static function frame(Row $before, Row $after): array
    {
        [$was, $is] = [$before->frame(), $after->frame()];

        return $was === $is || $was === null || $is === null ? [] : ["The frame is {$is} instead of {$was}."];
    }

    /** @return list<string> */
    private static function adjustment(Row $before, Row $after): array
    {
        [$was, $is] = [$before->adjustment(), $after->adjustment()];

        return $was === $is ? [] : [match (null) {
            $is => "No bust adjustment any more (it was {$was}).",
            $was => "A bust adjustment: {$is}.",
            default => "The bust adjustment is {$is} instead of {$was}.",
        }];
    }

    /** @return list<string> */
    private static function drawnIn(Row $before, Row $after): array
    {
        [$was, $is] = [$before->drawnIn(), $after->drawnIn()];

        return [
            ...array_map(static fn (string $what): string => ucfirst($what).'.', array_values(array_diff($is, $was))),
            ...array_map(static fn (string $what): string => "No more: {$what}.", array_values(array_diff($was, $is))),
        ];
    }

    /** @return list<string> */
    private static function lengths(Plan $before, Plan $after): array
    {
        $flips = [];
        foreach (['above the waist' => 'aboveWaist', 'below the waist' => 'belowWaist', 'at the hem' => 'hem', 'in the sleeve' => 'sleeve'] as $where => $length) {
            [$was, $is] = [$before->lengths->{$length}, $after->lengths->{$length}];
            if ($is instanceof Length && ($was === null || $was->compare($is) !== 0)) {
                $flips[] = match (true) {
                    $is->isZero() => "No length is changed {$where} any more.",
                    default => ($is->isPositive() ? 'Lengthen' : 'Shorten')." {$where} by {$after->make->say($is->abs())}.",
                };
            }
        }

        return $flips;
    }

    /** @return list<string> */
    private static function cautions(Plan $before, Plan $after): array
    {
        $texts = static fn (Plan $plan): array => array_map(static fn (Caution $caution): string => $caution->text, $plan->cautions());

        return [
            ...array_map(static fn (string $text): string => "To watch: {$text}", array_values(array_diff($texts($after), $texts($before)))),
            ...array_map(static fn (string $text): string => "Settled: {$text}", array_values(array_diff($texts($before), $texts($after)))),
        ];
    }
}
