<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\ReachEnd;

/** One paper piece and the size it is cut in. */
final readonly class PieceKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<Follows> */
        public Key $follows = new Key('follows', new WordShape(Follows::class), 'the sizes that it is cut in; as its name tells where it is left out'),
        /** @var Key<list<string>> */
        public Key $cups = new Key('cups', new ListShape(new TextShape, 60)),
        /** @var Key<int> */
        public Key $times = new Key('times', new WholeShape(1, 40), 'how many are cut of it'),
        /** @var Key<string> */
        public Key $partOf = new Key('part_of', new TextShape, 'the shape that pieces make which are pinned together before they are changed'),
        /** @var Key<int> */
        public Key $timesLining = new Key('times_lining', new WholeShape(1, 40), 'how many are cut of it from lining as well'),
        /** @var Key<bool> */
        public Key $onFold = new Key('on_fold', new FlagShape),
        /** @var Key<list<string>> */
        public Key $views = new Key('views', new ListShape(new TextShape, 40), 'only for these'),
        /** @var Key<list<string>> */
        public Key $fits = new Key('fits', new ListShape(new TextShape, 40), 'only for these'),
        /** @var Key<Layer> */
        public Key $layer = new Key('layer', new WordShape(Layer::class)),
        /** @var Key<string> */
        public Key $of = new Key('of', new TextShape, 'the piece whose lining, facing or band it is'),
        /** @var Key<PieceSide> */
        public Key $side = new Key('side', new WordShape(PieceSide::class)),
        /** @var Key<list<Fields>> */
        public Key $seams = new Key('seams', new ListShape(new ObjectShape(new PieceSeamKeys), 20)),
        /** @var Key<list<ReachEnd>> */
        public Key $reaches = new Key('reaches', new ListShape(new ReachShape, 2, least: 2), 'from where to where, down the body'),
    ) {
    }
}
