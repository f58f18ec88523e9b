<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\VerdictKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Wearing\Verdict;

/** Reads what was said of a make once it was worn. */
final class VerdictReader
{
    public static function read(Node $node): Verdict
    {
        $keys = new VerdictKeys;
        $fields = (new ObjectShape($keys))->read($node);

        return new Verdict(
            day: $fields->get($keys->day),
            wear: $fields->get($keys->levels) ?? [],
            ease: $fields->get($keys->ease) ?? [],
            sizes: $fields->get($keys->sizes) ?? [],
            note: $fields->get($keys->note) ?? '',
            again: $fields->get($keys->again),
        );
    }
}
