<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Advice\Caution;
use Underbolt\Advice\Cautions;
use Underbolt\Measure\Length;
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
        foreach ($after->levels as $name => $level) {
            $was = $before->levels[$name] ?? null;
            $named = static fn (?LevelPlan $at, Plan $plan): ?string => $at === null ? null : $plan->nameOf($at->size);
            $flips[] = self::size("The {$name}", $named($was, $before), $named($level, $after));
        }

        return array_values(array_filter($flips, is_string(...)));
    }

    private static function size(string $what, ?string $was, ?string $is): ?string
    {
        return match (true) {
            $was === $is => null,
            $was === null => "{$what} is cut in {$is}.",
            $is === null => "{$what} has no size any more (it was {$was}).",
            default => "{$what} is cut in {$is} instead of {$was}.",
        };
    }

    /** @return list<string> */
    private static function frame(Row $before, Row $after): array
    {
        [$was, $is] = [$before->frame(), $after->frame()];

        return $was === $is ? [] : [match (null) {
            $was => "Neck and shoulders are {$is}.",
            $is => "Neck and shoulders are looked up no more (they were {$was}).",
            default => "Neck and shoulders are {$is} instead of {$was}.",
        }];
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
            $flips[] = self::length($where, $before->lengths->{$length}, $after->lengths->{$length}, $after->make->say(...));
        }

        return array_values(array_filter($flips, is_string(...)));
    }

    /**
     * What becomes another of a change of length: null for one that isn't known, 0 for none.
     *
     * @param  callable(Length): string  $say
     */
    public static function length(string $where, ?Length $was, ?Length $is, callable $say): ?string
    {
        $does = static fn (Length $change): string => ($change->isPositive() ? 'lengthen' : 'shorten')." by {$say($change->abs())}";
        $none = Length::zero();
        // Nothing to do and not known what to do are the same work.
        [$before, $now] = [$was ?? $none, $is ?? $none];

        return match (true) {
            $before->compare($now) === 0 => null,
            $is === null => "What to change {$where} isn't known any more (it was: {$does($before)}).",
            $is->isZero() => "No length is changed {$where} any more (it was: {$does($before)}).",
            default => ($is->isPositive() ? 'Lengthen' : 'Shorten')." {$where} by {$say($is->abs())}.",
        };
    }

    /** @return list<string> */
    private static function cautions(Plan $before, Plan $after): array
    {
        $texts = static fn (Plan $plan): array => array_map(static fn (Caution $caution): string => $caution->text, Cautions::shown($plan));

        return [
            ...array_map(static fn (string $text): string => "To watch: {$text}", array_values(array_diff($texts($after), $texts($before)))),
            ...array_map(static fn (string $text): string => "No more: {$text}", array_values(array_diff($texts($before), $texts($after)))),
        ];
    }
}
