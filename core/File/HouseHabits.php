<?php

declare(strict_types=1);

namespace Underbolt\File;

use stdClass;
use Underbolt\File\Keys\HabitsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\Measure\Unit;

/**
 * What all patterns of one house share, filled in where a pattern doesn't say it itself.
 *
 * Habits are typed once, in the house's own unit: a length taken over keeps that unit in words.
 */
final class HouseHabits
{
    private const SAID_ONCE = ['chart_means', 'between'];

    private const ALLOWANCES = ['seam_allowance', 'hem_allowance'];

    /**
     * @param  stdClass  $document  the pattern part of a make file, as typed
     * @param  stdClass  $habits  `chart_means`, `between`, `drafted_cup`, `cups`, `seam_allowance`, `hem_allowance`
     */
    public static function into(stdClass $document, stdClass $habits, Unit $unit): stdClass
    {
        $filled = clone $document;
        $habits = (new ObjectShape(new HabitsKeys))->wordedObject($habits, $unit);
        // What the pattern says of its figures, either way, comes before what the house does.
        $saysItself = array_filter(self::SAID_ONCE, static fn (string $key): bool => isset($document->{$key})) !== [];
        foreach ($saysItself ? [] : self::SAID_ONCE as $key) {
            $filled->{$key} = $habits->{$key} ?? null;
        }
        self::rule($filled, $habits);
        self::allowances($filled, $habits);
        self::draftedCup($filled, $habits);

        return (object) array_filter(get_object_vars($filled), static fn (mixed $value): bool => $value !== null);
    }

    private static function rule(stdClass $filled, stdClass $habits): void
    {
        $rule = $habits->cups ?? null;
        $own = $filled->cups ?? new stdClass;
        if (! $rule instanceof stdClass || ! $own instanceof stdClass || isset($own->table) || isset($own->measure)) {
            return;
        }
        $own = clone $own;
        $own->measure = $rule->measure ?? null;
        $own->table = $rule->table ?? null;
        $filled->cups = (object) array_filter(get_object_vars($own), static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    private static function allowances(stdClass $filled, stdClass $habits): void
    {
        $seam = $filled->seam ?? new stdClass;
        if (! $seam instanceof stdClass) {
            return;
        }
        $seam = clone $seam;
        foreach (self::ALLOWANCES as $key) {
            $seam->{$key} ??= $habits->{$key} ?? null;
        }
        $filled->seam = (object) array_filter(get_object_vars($seam), static fn (mixed $value): bool => $value !== null);
    }

    /** A pattern that names no envelopes is one envelope with every size, and then that one has the house's cup. */
    private static function draftedCup(stdClass $filled, stdClass $habits): void
    {
        $cup = $habits->drafted_cup ?? null;
        if (! is_string($cup)) {
            return;
        }
        $ranges = $filled->ranges ?? [];
        if (! is_array($ranges) || $ranges === []) {
            $ranges = [(object) ['name' => 'all', 'sizes' => $filled->sizes ?? []]];
        }
        $filled->ranges = array_map(static function (mixed $range) use ($cup): mixed {
            if (! $range instanceof stdClass) {
                return $range;
            }
            $range = clone $range;
            $range->drafted_cup ??= $cup;

            return $range;
        }, $ranges);
    }
}
