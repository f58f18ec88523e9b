<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** A cup holds from its first difference up to, not with, its second. */
final readonly class CupLineKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $cup = new Key('cup', new TextShape, isRequired: true),
        /** @var Key<Length> */
        public Key $from = new Key('from', new LengthShape(LengthKind::Ease), isRequired: true),
        /** @var Key<Length> */
        public Key $to = new Key('to', new LengthShape(LengthKind::Ease), isRequired: true),
    ) {
    }
}
