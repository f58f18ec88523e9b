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
            wear: $fields->byName($keys->levels),
            ease: $fields->byName($keys->ease),
            sizes: $fields->byName($keys->sizes),
            note: $fields->sure($keys->note),
            again: $fields->get($keys->again),
        );
    }
}
