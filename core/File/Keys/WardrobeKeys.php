<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;

/** What a wearer has that fits. */
final readonly class WardrobeKeys implements Keys
{
    use ListsKeys;

    private const MOST = 40;

    public function __construct(
        /** @var Key<list<Fields>> */
        public Key $garments = new Key('garments', new ListShape(new ObjectShape(new OwnGarmentKeys), self::MOST)),
    ) {
    }
}
