<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\FabricKeys;
use Underbolt\File\Keys\PatternKeys;
use Underbolt\File\Keys\PrintedLengthsKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Paper\PrintedLengths;
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
        $body = ChartReader::read($fields->byName($keys->bodyChart), $count, hasRanges: true);
        $seam = SeamReader::read($fields->part($keys->seam), $count);
        $printed = ChartReader::read($fields->byName($keys->finished), $count);
        $parts = FinishedReader::read($fields, $keys, $sizes, $seam->seamAllowance, $printed);

        $fabric = self::fabric($fields->part($keys->fabric));

        return new Pattern(
            name: $fields->sure($keys->name),
            fabric: $fabric,
            sizes: $sizes,
            ranges: RangesReader::read($fields->all($keys->ranges), $sizes),
            bodyChart: $body,
            finished: FinishedReader::filled($printed, $parts, $body, $count),
            weights: $fields->byName($keys->levels),
            seam: $seam,
            cups: CupsReader::read($fields->part($keys->cups), $count),
            parts: $parts,
            notes: NotesReader::read($fields, $keys, $count, $fabric->kind),
            garment: $fields->get($keys->garment),
            // The house's own rule, or the one that follows from what its figures mean.
            between: $fields->get($keys->between) ?? $meaning?->betweenRule(),
            pulledOn: $fields->sure($keys->pulledOn),
            leastEase: $fields->byName($keys->leastEase),
            cutAs: $fields->sure($keys->cutAs),
            alsoCalled: self::secondNames($fields->node($keys->alsoCalled), $count),
            lengths: self::lengths($fields->part($keys->lengths), $count),
        );
    }

    private static function lengths(Fields $fields, int $sizes): PrintedLengths
    {
        $keys = new PrintedLengthsKeys;

        return new PrintedLengths(SizedLengths::read($fields, [$keys->backLength, $keys->finishedLength, $keys->height], $sizes));
    }

    /** @return array<int, string> by the place of the size; a size without one is left out */
    private static function secondNames(?Node $node, int $sizes): array
    {
        $names = array_map(static fn (Node $item): ?string => $item->isNull() ? null : $item->textOrEmpty(), array_slice($node?->items() ?? [], 0, $sizes));

        return array_filter($names, static fn (?string $name): bool => $name !== null && $name !== '');
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

        return new DraftedFor($fields->sure($keys->kind), $fields->sure($keys->stretchPercent));
    }
}
