<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Chart;
use Underbolt\Pattern\ChartRow;

/** Reads a body chart or a finished chart: rows of one figure per size. */
final class ChartReader
{
    /**
     * @param  ?Node  $node  null where the chart is not given
     * @param  list<ChartRow>  $rows  the rows it may have
     * @param  int  $sizes  how many sizes the pattern has
     */
    public static function read(?Node $node, array $rows, int $sizes): Chart
    {
        $read = [];
        foreach ($node?->fields(array_column($rows, 'value')) ?? [] as $name => $row) {
            $read[$name] = self::row($row, ChartRow::from($name), $sizes);
        }

        return new Chart($read);
    }

    /** @return list<?Length> */
    public static function row(Node $node, ChartRow $row, int $sizes): array
    {
        return self::figures($node, $row->kind(), $sizes);
    }

    /** @return list<?Length> one for each size, null where none is printed */
    public static function figures(Node $node, LengthKind $kind, int $sizes): array
    {
        $items = $node->items();
        if ($items === null) {
            return [];
        }
        $given = count($items);
        if ($given !== $sizes) {
            $node->fault("has {$given} figures for {$sizes} sizes; give one for each size, null where none is printed");
        }

        return array_map(
            static fn (Node $item): ?Length => $item->isNull() ? null : $item->length($kind),
            array_slice($items, 0, $sizes),
        );
    }
}
