<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\Pattern\Pattern;

/** A notion, by size. */
final readonly class NotionKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $view = new Key('view', new TextShape),
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<list<string>> */
        public Key $bySize = new Key(
            'by_size',
            new ListShape(new TextShape(orEmpty: true), Pattern::MOST_SIZES, hasGaps: true),
            'empty where none is needed',
            isRequired: true,
        ),
    ) {
    }
}
