<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\Measure\Length;

/** Reads lengths that are printed once for all sizes, or as a row of one for each. */
final class SizedLengths
{
    /**
     * @param  list<Key<Length|list<?Length>>>  $keys
     * @param  int  $sizes  how many sizes the pattern has
     * @return array<string, Length|list<?Length>> by name; a row of nulls alone is none
     */
    public static function read(Fields $fields, array $keys, int $sizes): array
    {
        $read = [];
        foreach ($keys as $key) {
            $found = $fields->get($key);
            if (is_array($found) && count($found) !== $sizes) {
                $fields->node($key)?->fault('has '.count($found)." figures for {$sizes} sizes; give one for each size, null where none is printed, or one for all");

                continue;
            }
            if ($found !== null && (! is_array($found) || array_filter($found) !== [])) {
                $read[$key->name] = $found;
            }
        }

        return $read;
    }
}
