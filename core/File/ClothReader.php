<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\ClothKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Pattern\Cloth\Cloth;

/** Reads the cloth of a make. */
final class ClothReader
{
    public static function read(Node $node): Cloth
    {
        $keys = new ClothKeys;
        $fields = (new ObjectShape($keys))->read($node);
        $from = $fields->sure($keys->stretchFrom);
        $to = $fields->get($keys->stretchTo);
        if ($to?->isLessThan($from) === true) {
            $fields->node($keys->stretchTo)?->fault('is shorter than what was pulled: it stretches to this length or longer');
        }

        return new Cloth(
            name: $fields->sure($keys->name),
            kind: $fields->get($keys->kind),
            stretchFrom: $from,
            stretchTo: $to,
            percent: $fields->get($keys->stretchPercent),
            drape: $fields->get($keys->drape),
            sheer: $fields->sure($keys->sheer),
            width: $fields->get($keys->width),
            have: $fields->get($keys->have) ?? [],
        );
    }
}
