<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NumberShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\UsualLength;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Cloth\Drape;
use Underbolt\Pattern\Cloth\FabricKind;

/** The cloth of a make, and what of its list is at hand. */
final readonly class ClothKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<FabricKind> */
        public Key $kind = new Key('kind', new WordShape(FabricKind::class)),
        /** @var Key<Length> */
        public Key $stretchFrom = new Key('stretch_from', new LengthShape(LengthKind::Stretched), 'what was pulled sideways to try it; 10 cm where it is left out', usual: new UsualLength(10)),
        /** @var Key<Length> */
        public Key $stretchTo = new Key('stretch_to', new LengthShape(LengthKind::Stretched), 'how far that stretched'),
        /** @var Key<float> */
        public Key $stretchPercent = new Key('stretch_percent', new NumberShape(0, 300), 'in place of the two lengths'),
        /** @var Key<Drape> */
        public Key $drape = new Key('drape', new WordShape(Drape::class)),
        /** @var Key<bool> */
        public Key $sheer = new Key('sheer', new FlagShape, usual: false),
        /** @var Key<Length> */
        public Key $width = new Key('width', new LengthShape(LengthKind::Cloth), 'at hand'),
        /** @var Key<list<string>> */
        public Key $have = new Key('have', new ListShape(new TextShape, 200), 'what of the list is at hand already'),
    ) {
    }
}
