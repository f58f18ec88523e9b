<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\UsualLength;
use Underbolt\File\Shape\WholeShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** One panel as it lies flat. */
final readonly class PanelKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<Length> */
        public Key $width = new Key('width', new LengthShape(LengthKind::Panel), isRequired: true),
        /** @var Key<int> */
        public Key $times = new Key('times', new WholeShape(1, 24), 'how often it is cut', usual: 2),
        /** @var Key<Length> */
        public Key $darts = new Key('darts', new LengthShape(LengthKind::Panel), usual: new UsualLength(0)),
        /** @var Key<int> */
        public Key $allowances = new Key('allowances', new WholeShape(0, 2), 'edges measured to the cutting line', usual: 0),
    ) {
    }
}
