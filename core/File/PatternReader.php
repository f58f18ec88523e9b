<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\FabricKeys;
use Underbolt\File\Keys\PatternKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\CutAs;
use Underbolt\Pattern\Pattern;

/** Reads what was bought: sizes, ranges, charts, weights and what the paper says. */
final class PatternReader
{
    /** Null where not even the sizes can be read; other faults are noted and read past. */
    public static function read(Node $node): ?Pattern
    {
        $keys = new PatternKeys;
        $fields = (new ObjectShape($keys))->read($node);
        $named = $fields->node($keys->sizes);
        $sizes = $named === null ? null : self::sizes($named);
        if ($sizes === null) {
            return null;
        }

        $fields->get($keys->house);
        $fields->get($keys->alsoCalled);
        $meaning = $fields->get($keys->chartMeans);
        $count = count($sizes);
        $body = ChartReader::read($fields->get($keys->bodyChart) ?? [], $count);
        $seam = SeamReader::read($fields->get($keys->seam) ?? Fields::none());
        $parts = FinishedReader::read($fields, $keys, $sizes, $seam->seamAllowance);

        return new Pattern(
            name: $fields->get($keys->name) ?? '',
            fabric: self::fabric($fields->get($keys->fabric) ?? Fields::none()),
            sizes: $sizes,
            ranges: RangesReader::read($fields->get($keys->ranges) ?? [], $sizes),
            bodyChart: $body,
            finished: FinishedReader::filled(ChartReader::read($fields->get($keys->finished) ?? [], $count), $parts, $body, $count),
            weights: $fields->get($keys->levels) ?? [],
            seam: $seam,
            cups: CupsReader::read($fields->get($keys->cups) ?? Fields::none(), $count),
            parts: $parts,
            notes: NotesReader::read($fields, $keys, $count),
            garment: $fields->get($keys->garment),
            // The house's own rule, or the one that follows from what its figures mean.
            between: $fields->get($keys->between) ?? $meaning?->betweenRule(),
            pulledOn: $fields->get($keys->pulledOn) ?? false,
            leastEase: $fields->get($keys->leastEase) ?? [],
            cutAs: $fields->get($keys->cutAs) ?? CutAs::Blended,
        );
    }

    /** @return ?non-empty-list<string> */
    private static function sizes(Node $node): ?array
    {
        $items = $node->items();
        if ($items === null) {
            return null;
        }
        if ($items === [] || count($items) > Pattern::MOST_SIZES) {
            return $node->fault('must name from 1 to '.Pattern::MOST_SIZES.' sizes, the smallest first');
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

    private static function fabric(Fields $fields): DraftedFor
    {
        $keys = new FabricKeys;

        return new DraftedFor($fields->get($keys->kind) ?? FabricKind::Woven, $fields->get($keys->stretchPercent) ?? 0.0);
    }
}
