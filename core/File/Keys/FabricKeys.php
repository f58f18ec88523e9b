<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NumberShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Pattern\Cloth\FabricKind;

/** The cloth that a pattern is drafted for. */
final readonly class FabricKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<FabricKind> */
        public Key $kind = new Key('kind', new WordShape(FabricKind::class), usual: FabricKind::Woven),
        /** @var Key<float> */
        public Key $stretchPercent = new Key('stretch_percent', new NumberShape(0, 300), usual: 0.0),
    ) {
    }
}
