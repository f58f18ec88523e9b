<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\Altering\FittingPlace;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** A line measured on oneself and on the paper. */
final readonly class OwnLineKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<FittingPlace> */
        public Key $place = new Key('place', new WordShape(FittingPlace::class), isRequired: true),
        /** @var Key<Length> */
        public Key $body = new Key('body', new LengthShape(LengthKind::Along)),
        /** @var Key<Length> */
        public Key $paper = new Key('paper', new LengthShape(LengthKind::Along), 'between its stitching lines'),
        /** @var Key<Length> */
        public Key $ease = new Key('ease', new LengthShape(LengthKind::Ease)),
    ) {
    }
}
