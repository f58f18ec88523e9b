<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Pattern\Paper\Follows;

/** One paper piece and the size it is cut in. */
final readonly class PieceKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<Follows> */
        public Key $follows = new Key('follows', new WordShape(Follows::class), usual: Follows::AllLevels),
        /** @var Key<list<string>> */
        public Key $cups = new Key('cups', new ListShape(new TextShape, 60)),
        /** @var Key<int> */
        public Key $times = new Key('times', new WholeShape(1, 40), 'how many are cut of it'),
        /** @var Key<string> */
        public Key $partOf = new Key('part_of', new TextShape, 'the shape that pieces make which are pinned together before they are changed'),
    ) {
    }
}
