<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\RowShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** How much cloth of one width the sizes need. */
final readonly class FabricNeedKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $view = new Key('view', new TextShape),
        /** @var Key<string> */
        public Key $cloth = new Key('cloth', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<Length> */
        public Key $width = new Key('width', new LengthShape(LengthKind::Cloth)),
        /** @var Key<list<?Length>> */
        public Key $amounts = new Key('amounts', new RowShape(new LengthShape(LengthKind::Cloth))),
    ) {
    }
}
