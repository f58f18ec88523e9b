<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;

/** One file of a pattern that comes as files. */
final readonly class PatternFileKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<string> */
        public Key $cup = new Key('cup', new TextShape),
        /** @var Key<string> */
        public Key $range = new Key('range', new TextShape, 'the envelope whose sizes are in it'),
        /** @var Key<string> */
        public Key $sheet = new Key('sheet', new TextShape, 'of paper, such as A4 or A0'),
    ) {
    }
}
