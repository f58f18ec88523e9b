<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthBySizeShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** Lengths that the chart prints beside those of the side seam, each one for all sizes or a row. */
final readonly class PrintedLengthsKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<Length|list<?Length>> */
        public Key $backLength = new Key('back_length', new LengthBySizeShape(LengthKind::Along), 'from nape to waist, of the body it is drafted for'),
        /** @var Key<Length|list<?Length>> */
        public Key $finishedLength = new Key('finished_length', new LengthBySizeShape(LengthKind::Along), 'of the garment, down the centre back'),
        /** @var Key<Length|list<?Length>> */
        public Key $height = new Key('height', new LengthBySizeShape(LengthKind::Along), 'of the body it is drafted for'),
    ) {
    }
}
