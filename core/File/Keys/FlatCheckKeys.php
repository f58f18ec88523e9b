<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Paper\Counts;

/** The tissue of one size, measured panel by panel. */
final readonly class FlatCheckKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $size = new Key('size', new TextShape, isRequired: true),
        /** @var Key<Length> */
        public Key $seamAllowance = new Key(
            'seam_allowance',
            new LengthShape(LengthKind::Allowance),
            'the pattern\'s where it is left out',
        ),
        /** @var Key<list<Fields>> */
        public Key $panels = new Key('panels', new ListShape(new ObjectShape(new PanelKeys), 12, least: 1), isRequired: true),
        /** @var Key<Counts> */
        public Key $counts = new Key('counts', new WordShape(Counts::class), 'where the envelope prints another figure', usual: Counts::Tissue),
    ) {
    }
}
