<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\OwnGarmentKeys;
use Underbolt\File\Keys\WardrobeKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Typed\Node;
use Underbolt\Wearing\OwnGarment;

/** Reads what a wearer has that fits. */
final class WardrobeReader
{
    /** @return list<OwnGarment> */
    public static function read(Node $node): array
    {
        $wardrobe = new WardrobeKeys;
        $keys = new OwnGarmentKeys;

        return array_map(static fn (Fields $fields): OwnGarment => new OwnGarment(
            $fields->sure($keys->name),
            $fields->get($keys->garment),
            $fields->sure($keys->cloth),
            $fields->byName($keys->flat),
        ), (new ObjectShape($wardrobe))->read($node)->get($wardrobe->garments) ?? []);
    }
}
