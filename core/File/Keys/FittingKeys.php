<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TrialsShape;
use Underbolt\File\Shape\WholeShape;

/** The tracings of a make and what was found on them. */
final readonly class FittingKeys implements Keys
{
    use ListsKeys;

    public const MOST_TRACINGS = 99;

    public function __construct(
        /** @var Key<int> */
        public Key $tracing = new Key('tracing', new WholeShape(1, self::MOST_TRACINGS), 'in hand', usual: 1),
        /** @var Key<int> */
        public Key $tried = new Key('tried', new WholeShape(0, self::MOST_TRACINGS), 'the last that was tried on', usual: 0),
        /** @var Key<list<Fields>> */
        public Key $findings = new Key('findings', new ListShape(new ObjectShape(new FindingKeys), 200)),
        /** @var Key<array<string, array<string, bool>>> */
        public Key $trials = new Key('trials', new TrialsShape, 'whether all was right, by way of trying and question'),
        /** @var Key<list<Fields>> */
        public Key $ownLines = new Key('own_lines', new ListShape(new ObjectShape(new OwnLineKeys), 40)),
    ) {
    }
}
