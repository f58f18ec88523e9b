<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Pattern\Fabric;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Pattern\Row;
use Underbolt\Pattern\Weight;

/** Reads what was bought: sizes, ranges, charts, weights and what the paper says. */
final class PatternReader
{
    public const MOST_SIZES = 60;

    private const KEYS = ['name', 'fabric', 'sizes', 'ranges', 'body_chart', 'finished', 'cups', 'levels', 'seam'];

    private const CUP_KEYS = ['measure', 'table', 'body_chart', 'finished'];

    private const FINISHED_ROWS = [Row::FullBust, Row::Waist, Row::Hip];

    /** Null where not even the sizes can be read; other faults are noted and read past. */
    public static function read(Node $node): ?Pattern
    {
        $fields = $node->fields(self::KEYS);
        $sizes = isset($fields['sizes']) ? self::sizes($fields['sizes']) : $node->missing('sizes');
        if (! isset($fields['body_chart'])) {
            $node->missing('body_chart');
        }
        ($fields['cups'] ?? null)?->fields(self::CUP_KEYS);
        if ($sizes === null) {
            return null;
        }

        return new Pattern(
            ($fields['name'] ?? null)?->text() ?? '',
            self::fabric($fields['fabric'] ?? null),
            $sizes,
            RangesReader::read($fields['ranges'] ?? null, $sizes),
            ChartReader::read($fields['body_chart'] ?? null, Row::cases(), count($sizes)),
            ChartReader::read($fields['finished'] ?? null, self::FINISHED_ROWS, count($sizes)),
            self::weights($fields['levels'] ?? null),
            SeamReader::read($fields['seam'] ?? null),
        );
    }

    /** @return ?non-empty-list<string> */
    private static function sizes(Node $node): ?array
    {
        $items = $node->items();
        if ($items === null) {
            return null;
        }
        if ($items === [] || count($items) > self::MOST_SIZES) {
            return $node->fault('must name from 1 to '.self::MOST_SIZES.' sizes, the smallest first');
        }
        $sizes = [];
        foreach ($items as $item) {
            $name = $item->text();
            if ($name !== null && in_array($name, $sizes, true)) {
                $name = $item->fault("\"{$name}\" stands twice; each size needs a name of its own");
            }
            if ($name === null) {
                return null;
            }
            $sizes[] = $name;
        }

        return $sizes;
    }

    private static function fabric(?Node $node): Fabric
    {
        $fields = $node?->fields(['kind', 'stretch_percent']) ?? [];

        return new Fabric(
            ($fields['kind'] ?? null)?->oneOf(FabricKind::class) ?? FabricKind::Woven,
            ($fields['stretch_percent'] ?? null)?->number(0, 300) ?? 0.0,
        );
    }

    /** @return array<string, Weight> */
    private static function weights(?Node $node): array
    {
        return array_filter(array_map(
            static fn (Node $field): ?Weight => $field->oneOf(Weight::class),
            $node?->fields(array_column(Level::cases(), 'value')) ?? [],
        ));
    }
}
