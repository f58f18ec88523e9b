<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\Level;

/** A depth told from a level. */
final readonly class SeamAtKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<Level> */
        public Key $level = new Key('level', new WordShape(Level::class), 'bust is the underarm', isRequired: true),
        /** @var Key<Length> */
        public Key $below = new Key('below', new LengthShape(LengthKind::Change), 'below 0 it lies above', isRequired: true),
    ) {
    }
}
