<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\RangeKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Pattern\Pattern;

/** Reads the envelopes of a pattern; a pattern that names none is one envelope with every size. */
final class RangesReader
{
    /**
     * @param  list<Fields>  $items
     * @param  non-empty-list<string>  $sizes  names of all sizes of the pattern
     * @return non-empty-list<Range>
     */
    public static function read(array $items, array $sizes): array
    {
        $ranges = [];
        foreach ($items as $item) {
            $range = self::range($item, new RangeKeys, $sizes);
            if ($range !== null && array_key_exists($range->name, $ranges)) {
                $item->fault("\"{$range->name}\" stands twice; each range needs a name of its own");
            } elseif ($range !== null) {
                $ranges[$range->name] = $range;
            }
        }

        return $ranges === [] ? [new Range(Range::ALL, array_keys($sizes), Range::ALL, true)] : array_values($ranges);
    }

    /** @param  non-empty-list<string>  $sizes */
    private static function range(Fields $fields, RangeKeys $keys, array $sizes): ?Range
    {
        $name = $fields->get($keys->name);
        $listed = $fields->node($keys->sizes);
        $members = $listed === null ? null : self::members($listed, $sizes);
        if ($name === null || $members === null) {
            return null;
        }
        $cup = $fields->get($keys->draftedCup);
        $draft = $fields->get($keys->draft);

        return new Range(
            name: $name,
            sizes: $members,
            // Ranges that name no draft are drawn as one, as long as they are drawn for one cup.
            draft: $draft ?? 'the '.CupLetter::drafted($cup).' draft',
            owned: $fields->sure($keys->owned),
            draftedCup: $cup,
            height: $fields->get($keys->height),
            draftNamed: $draft !== null,
        );
    }

    /**
     * @param  non-empty-list<string>  $sizes
     * @return ?list<int>
     */
    private static function members(Node $node, array $sizes): ?array
    {
        $items = $node->items(Pattern::MOST_SIZES);
        $members = [];
        foreach ($items ?? [] as $item) {
            $place = array_search($item->text(), $sizes, true);
            if ($place === false) {
                $item->fault('is not among the sizes of the pattern');
            } else {
                $members[] = $place;
            }
        }
        sort($members);

        return $items === [] ? $node->fault('must name at least one size of the pattern') : $members;
    }
}
