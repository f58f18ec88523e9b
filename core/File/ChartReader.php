<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Shape\RowShape;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;

/** Reads a body chart or a finished chart: rows of one figure per size. */
final class ChartReader
{
    /**
     * @param  array<string, Node>  $rows  by name
     * @param  int  $sizes  how many sizes the pattern has
     */
    public static function read(array $rows, int $sizes): Chart
    {
        $read = [];
        foreach ($rows as $name => $row) {
            $read[$name] = self::figures($row, ChartRow::from($name)->kind(), $sizes);
        }

        return new Chart($read);
    }

    /** @return list<?Length> one for each size, null where none is printed */
    public static function figures(Node $node, LengthKind $kind, int $sizes): array
    {
        $figures = (new RowShape($kind))->read($node);
        $given = count($figures ?? []);
        if ($figures !== null && $given !== $sizes) {
            $node->fault("has {$given} figures for {$sizes} sizes; give one for each size, null where none is printed");
        }

        return array_slice($figures ?? [], 0, $sizes);
    }
}
