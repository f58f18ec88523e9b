<?php

declare(strict_types=1);

namespace App\Paper;

use Underbolt\Company\NamedCount;
use Underbolt\Company\SizeCount;

/** A company sheet for a spreadsheet: figures are numbers, and what is summed is summed there, so that it follows what is changed. */
final class CompanyXlsx
{
    /** Columns of sizes: bust, waist, hip, frame. */
    private const SIZES = [1, 2, 3, 4];

    /** @return list<list<string|int|float|XlsxFormula>> */
    public static function lines(CompanyTable $table): array
    {
        $last = count($table->lines) + 1;
        $rows = array_map(static fn (array $line, array $amounts): array => [...self::numbered($line), ...array_map(static fn (?float $amount): string|float => $amount ?? '', $amounts)], $table->lines, $table->amounts);
        $blank = array_fill(0, count(CompanyTable::HEAD), '');
        $sums = array_map(static fn (string $cloth, int $place): XlsxFormula => self::sum($place, $last, array_column($table->amounts, $place)), $table->cloths, array_keys($table->cloths));

        return [
            [...CompanyTable::HEAD, ...$table->cloths],
            ...$rows,
            ['In all', ...array_slice($blank, 1), ...$sums],
            [],
            ['planned', $table->counted->planned],
            [],
            ['size', 'bust', 'waist', 'hip'],
            // The line of a size comes so many below the rows.
            ...array_map(static fn (SizeCount $size, int $place): array => self::size($size, $last, $last + 6 + $place), $table->counted->sizes, array_keys($table->counted->sizes)),
            [],
            ...array_map(static fn (NamedCount $envelope): array => ["envelope {$envelope->name}", $envelope->wearers, $envelope->toGet ? 'to get' : ''], $table->counted->envelopes),
            ...array_map(static fn (NamedCount $notion): array => [$notion->name, $notion->wearers], $table->counted->notions),
        ];
    }

    /**
     * @param  list<string>  $line
     * @return list<string|int>
     */
    private static function numbered(array $line): array
    {
        return array_map(static fn (string $cell, int $column): string|int => in_array($column, self::SIZES, true) ? self::number($cell) : $cell, $line, array_keys($line));
    }

    /** A size such as 12 is a number; 08 and M are names. */
    private static function number(string $text): string|int
    {
        return (string) (int) $text === $text ? (int) $text : $text;
    }

    /** @return list<string|int|XlsxFormula> */
    private static function size(SizeCount $size, int $last, int $row): array
    {
        $counts = array_map(
            static fn (string $level, string $column): XlsxFormula => new XlsxFormula("COUNTIF({$column}\$2:{$column}\${$last},\$A{$row})", $size->levels[$level] ?? 0),
            ['bust', 'waist', 'hip'],
            ['B', 'C', 'D'],
        );

        return [self::number($size->size), ...$counts];
    }

    /** @param  array<?float>  $amounts */
    private static function sum(int $place, int $last, array $amounts): XlsxFormula
    {
        $column = XlsxFile::column(count(CompanyTable::HEAD) + $place);

        return new XlsxFormula("SUM({$column}2:{$column}{$last})", round(array_sum(array_map(static fn (?float $amount): float => $amount ?? 0.0, $amounts)), 4));
    }
}
