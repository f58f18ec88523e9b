<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\UsualLength;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** A figure for each side edge, in front and at the back, and one for all four of them together. */
final readonly class SidesKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<Length> */
        public Key $front = new Key('front', new LengthShape(LengthKind::Move), usual: new UsualLength(0)),
        /** @var Key<Length> */
        public Key $back = new Key('back', new LengthShape(LengthKind::Move), usual: new UsualLength(0)),
        /** @var Key<Length> */
        public Key $inAll = new Key('in_all', new LengthShape(LengthKind::Ease), 'shared by the four side edges, added to both', usual: new UsualLength(0)),
    ) {
    }
}
