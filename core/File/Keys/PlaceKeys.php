<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\Level;

/** A slit, a notch, a pocket or a pleat, and where it lies. */
final readonly class PlaceKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<Level> */
        public Key $level = new Key('level', new WordShape(Level::class), 'bust is the underarm', isRequired: true),
        /** @var Key<Length> */
        public Key $below = new Key('below', new LengthShape(LengthKind::Change), 'below 0 it lies above', isRequired: true),
        /** @var Key<list<string>> */
        public Key $pieces = new Key('pieces', new ListShape(new TextShape, 60)),
    ) {
    }
}
