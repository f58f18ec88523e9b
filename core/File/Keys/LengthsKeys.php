<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** The places where a pattern is made longer or shorter. */
final readonly class LengthsKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<Length> */
        public Key $aboveWaist = new Key('above_waist', new LengthShape(LengthKind::Change)),
        /** @var Key<Length> */
        public Key $belowWaist = new Key('below_waist', new LengthShape(LengthKind::Change)),
        /** @var Key<Length> */
        public Key $hem = new Key('hem', new LengthShape(LengthKind::Change)),
        /** @var Key<Length> */
        public Key $sleeve = new Key('sleeve', new LengthShape(LengthKind::Change)),
    ) {
    }
}
