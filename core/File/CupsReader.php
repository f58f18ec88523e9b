<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\ChartRow;
use Underbolt\Pattern\CupLetter;
use Underbolt\Pattern\CupMeasure;
use Underbolt\Pattern\CupRange;
use Underbolt\Pattern\CupRule;
use Underbolt\Pattern\Cups;

/** Reads what a pattern says about cups: its rule, and the bust rows by cup. */
final class CupsReader
{
    private const KEYS = ['measure', 'table', 'by_range', 'body_chart', 'finished'];

    private const MOST_LINES = 20;

    public static function read(?Node $node, int $sizes): Cups
    {
        $fields = $node?->fields(self::KEYS) ?? [];
        $rule = isset($fields['measure']) || isset($fields['table']) ? self::rule($fields) : null;

        return new Cups($rule, self::byRange($fields['by_range'] ?? null), self::rows($fields['body_chart'] ?? null, $sizes), self::rows($fields['finished'] ?? null, $sizes));
    }

    /** @param  array<string, Node>  $fields */
    private static function rule(array $fields): CupRule
    {
        $measure = ($fields['measure'] ?? null)?->oneOf(CupMeasure::class) ?? CupMeasure::HighBustDifference;
        $lines = ($fields['table'] ?? null)?->items(self::MOST_LINES) ?? [];
        $table = array_map(self::line(...), $lines);

        return new CupRule($measure, array_values(array_filter($table, static fn (?CupRange $line): bool => $line !== null)));
    }

    private static function line(Node $node): ?CupRange
    {
        $fields = $node->fields(['cup', 'from', 'to']);
        foreach (['cup', 'from', 'to'] as $key) {
            if (! isset($fields[$key])) {
                return $node->missing($key);
            }
        }
        $cup = self::letter($fields['cup']);
        $from = $fields['from']->length(LengthKind::Ease);
        $to = $fields['to']->length(LengthKind::Ease);
        if ($cup === null || $from === null || $to === null) {
            return null;
        }

        return $from->isLessThan($to) ? new CupRange($cup, $from, $to) : $fields['to']->fault('must be larger than "from"; the cup counts up to it, not with it');
    }

    private static function letter(Node $node): ?string
    {
        $letter = $node->text();

        return $letter === null || CupLetter::place($letter) !== null ? $letter : $node->fault("\"{$letter}\" is no cup; the letters run from AA, A, B to K");
    }

    /** @return array<string, CupRule> */
    private static function byRange(?Node $node): array
    {
        return array_map(static fn (Node $rule): CupRule => self::rule($rule->fields(['measure', 'table'])), $node?->entries() ?? []);
    }

    /** @return array<string, list<?Length>> */
    private static function rows(?Node $node, int $sizes): array
    {
        $rows = [];
        foreach ($node?->entries() ?? [] as $cup => $row) {
            if (CupLetter::place($cup) === null) {
                $row->fault("\"{$cup}\" is no cup; the letters run from AA, A, B to K");
            }
            $rows[$cup] = ChartReader::row($row, ChartRow::FullBust, $sizes);
        }

        return $rows;
    }
}
