<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\RowShape;
use Underbolt\File\Shape\SpanShape;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;

/** Reads a body chart or a finished chart: rows of one figure per size. */
final class ChartReader
{
    /**
     * @param  array<string, Node>  $rows  by name
     * @param  int  $sizes  how many sizes the pattern has
     * @param  bool  $hasRanges  whether a figure may be a range: in a body chart
     */
    public static function read(array $rows, int $sizes, bool $hasRanges = false): Chart
    {
        $read = [];
        foreach ($rows as $name => $row) {
            $kind = ChartRow::from($name)->kind();
            $read[$name] = self::figures($row, new RowShape($hasRanges ? new SpanShape($kind) : new LengthShape($kind)), $sizes);
        }

        return new Chart($read);
    }

    /**
     * @template T
     *
     * @param  RowShape<T>  $shape
     * @return list<?T> one for each size, null where none is printed
     */
    public static function figures(Node $node, RowShape $shape, int $sizes): array
    {
        $figures = $shape->read($node);
        $given = count($figures ?? []);
        if ($figures !== null && $given !== $sizes) {
            $node->fault("has {$given} figures for {$sizes} sizes; give one for each size, null where none is printed");
        }

        return array_slice($figures ?? [], 0, $sizes);
    }
}
