<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ChartShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Typed\Node;

/** Finished figures that hold for one view, fit or cup. */
final readonly class FinishedForKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $view = new Key('view', new TextShape),
        /** @var Key<string> */
        public Key $fit = new Key('fit', new TextShape),
        /** @var Key<string> */
        public Key $cup = new Key('cup', new TextShape),
        /** @var Key<array<string, Node>> */
        public Key $finished = new Key('finished', new ChartShape(isFinished: true)),
    ) {
    }
}
