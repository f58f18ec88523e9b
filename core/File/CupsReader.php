<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\CupLineKeys;
use Underbolt\File\Keys\CupRuleKeys;
use Underbolt\File\Keys\CupsKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\RowShape;
use Underbolt\File\Shape\SpanShape;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Span;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Cups\CupRange;
use Underbolt\Pattern\Cups\CupRule;
use Underbolt\Pattern\Cups\Cups;

/** Reads what a pattern says about cups: its rule, and the bust rows by cup. */
final class CupsReader
{
    public static function read(Fields $fields, int $sizes): Cups
    {
        $keys = new CupsKeys;
        $hasRule = $fields->has($keys->measure) || $fields->has($keys->table);

        return new Cups(
            $hasRule ? self::rule($fields) : null,
            array_map(self::rule(...), $fields->byName($keys->byRange)),
            self::rows($fields->byName($keys->bodyChart), $sizes, true),
            self::rows($fields->byName($keys->finished), $sizes, false),
        );
    }

    private static function rule(Fields $fields): CupRule
    {
        $keys = new CupRuleKeys;
        $typed = $fields->all($keys->table);
        $table = array_filter(array_map(self::line(...), $typed), static fn (?CupRange $line): bool => $line !== null);
        foreach ($table as $at => $line) {
            self::apart($typed[$at], $line, array_slice($table, 0, (int) array_search($at, array_keys($table), true)));
        }

        return new CupRule($fields->sure($keys->measure), array_values($table));
    }

    /**
     * One difference is one cup: lines that share a difference are a fault.
     *
     * @param  array<int, CupRange>  $before  the lines above it
     */
    private static function apart(Fields $typed, CupRange $line, array $before): void
    {
        foreach ($before as $other) {
            if ($line->from->isLessThan($other->to) && $other->from->isLessThan($line->to)) {
                $typed->node((new CupLineKeys)->from)?->fault("overlaps with cup {$other->cup} above: one difference can't be two cups");

                return;
            }
        }
    }

    private static function line(Fields $fields): ?CupRange
    {
        $keys = new CupLineKeys;
        $cup = $fields->get($keys->cup);
        $from = $fields->get($keys->from);
        $to = $fields->get($keys->to);
        if ($cup !== null && CupLetter::place($cup) === null) {
            $cup = $fields->node($keys->cup)?->fault(CupLetter::unknown($cup));
        }
        if ($cup === null || $from === null || $to === null) {
            return null;
        }

        return $from->isLessThan($to)
            ? new CupRange($cup, $from, $to)
            : $fields->node($keys->to)?->fault('must be larger than "from"; the cup counts up to it, not with it');
    }

    /**
     * @param  array<string, Node>  $rows  by letter
     * @return array<string, list<Length|Span|null>>
     */
    private static function rows(array $rows, int $sizes, bool $hasRanges): array
    {
        return array_map(static fn (Node $row): array => ChartReader::figures($row, new RowShape($hasRanges ? new SpanShape(LengthKind::Girth) : new LengthShape(LengthKind::Girth)), $sizes), $rows);
    }
}
