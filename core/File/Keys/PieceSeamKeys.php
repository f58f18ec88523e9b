<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Pattern\Pieces\Joins;
use Underbolt\Pattern\Pieces\SeamKind;

/** One seam or edge of a piece. */
final readonly class PieceSeamKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<SeamKind> */
        public Key $kind = new Key('kind', new WordShape(SeamKind::class), isRequired: true),
        /** @var Key<Fields> */
        public Key $at = new Key('at', new ObjectShape(new SeamAtKeys), 'where a cross seam lies; the waist where it is left out'),
        /** @var Key<Joins> */
        public Key $joins = new Key('joins', new WordShape(Joins::class), 'how it is sewn on there', usual: Joins::Plain),
    ) {
    }
}
