<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Pattern\Cups\CupMeasure;

/** How a house finds the cup. */
final readonly class CupRuleKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<CupMeasure> */
        public Key $measure = new Key('measure', new WordShape(CupMeasure::class), usual: CupMeasure::HighBustDifference),
        /** @var Key<list<Fields>> */
        public Key $table = new Key('table', new ListShape(new ObjectShape(new CupLineKeys), 20)),
    ) {
    }
}
