<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ByLevel;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;

/** A garment that fits, laid flat. */
final readonly class OwnGarmentKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<Garment> */
        public Key $garment = new Key('garment', new WordShape(Garment::class)),
        /** @var Key<FabricKind> */
        public Key $cloth = new Key('cloth', new WordShape(FabricKind::class), usual: FabricKind::Woven),
        /** @var Key<array<string, Length>> */
        public Key $flat = new Key('flat', new ByLevel(new LengthShape(LengthKind::Panel)), 'widths across'),
    ) {
    }
}
