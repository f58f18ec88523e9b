<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\ChartMeaning;
use Underbolt\Pattern\ChartRow;
use Underbolt\Pattern\CutAs;
use Underbolt\Pattern\Fabric;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Garment;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Pattern;
use Underbolt\Pattern\Weight;

/** Reads what was bought: sizes, ranges, charts, weights and what the paper says. */
final class PatternReader
{
    public const MOST_SIZES = 60;

    private const KEYS = [
        'name', 'house', 'garment', 'fabric', 'sizes', 'ranges', 'chart_means', 'between', 'body_chart', 'finished', 'cups', 'levels', 'seam',
        'views', 'fits', 'finished_by', 'flat_checks', 'pieces', 'fabric_needs', 'notions', 'lengthen_lines', 'pulled_on', 'least_ease', 'cut_as',
    ];

    /** Null where not even the sizes can be read; other faults are noted and read past. */
    public static function read(Node $node): ?Pattern
    {
        $fields = $node->fields(self::KEYS);
        $sizes = isset($fields['sizes']) ? self::sizes($fields['sizes']) : $node->missing('sizes');
        if (! isset($fields['body_chart'])) {
            $node->missing('body_chart');
        }
        if ($sizes === null) {
            return null;
        }

        ($fields['house'] ?? null)?->textOrEmpty();
        $count = count($sizes);
        $body = ChartReader::read($fields['body_chart'] ?? null, ChartRow::cases(), $count);
        $seam = SeamReader::read($fields['seam'] ?? null);
        $parts = FinishedReader::read($fields, $sizes, $seam->seamAllowance);

        return new Pattern(
            name: ($fields['name'] ?? null)?->text() ?? '',
            fabric: self::fabric($fields['fabric'] ?? null),
            sizes: $sizes,
            ranges: RangesReader::read($fields['ranges'] ?? null, $sizes),
            bodyChart: $body,
            finished: FinishedReader::filled(ChartReader::read($fields['finished'] ?? null, FinishedReader::rows(), $count), $parts, $body, $count),
            weights: self::weights($fields['levels'] ?? null),
            seam: $seam,
            cups: CupsReader::read($fields['cups'] ?? null, $count),
            parts: $parts,
            notes: NotesReader::read($fields, $count),
            garment: ($fields['garment'] ?? null)?->oneOf(Garment::class),
            between: self::between($fields),
            pulledOn: ($fields['pulled_on'] ?? null)?->flag() ?? false,
            leastEase: LengthsReader::byLevel($fields['least_ease'] ?? null, LengthKind::Ease),
            cutAs: ($fields['cut_as'] ?? null)?->oneOf(CutAs::class) ?? CutAs::Blended,
        );
    }

    /**
     * The house's own rule, or the one that follows from what its figures mean.
     *
     * @param  array<string, Node>  $fields
     */
    private static function between(array $fields): ?BetweenRule
    {
        $meaning = ($fields['chart_means'] ?? null)?->oneOf(ChartMeaning::class);

        return ($fields['between'] ?? null)?->oneOf(BetweenRule::class) ?? $meaning?->betweenRule();
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
