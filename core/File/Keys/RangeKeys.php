<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Pattern;

/** One envelope; those that share a draft were drawn as one set of lines. */
final readonly class RangeKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $name = new Key('name', new TextShape, isRequired: true),
        /** @var Key<list<string>> */
        public Key $sizes = new Key('sizes', new ListShape(new TextShape, Pattern::MOST_SIZES, least: 1), isRequired: true),
        /** @var Key<string> */
        public Key $draftedCup = new Key('drafted_cup', new TextShape),
        /** @var Key<Length> */
        public Key $height = new Key('height', new LengthShape(LengthKind::Along)),
        /** @var Key<string> */
        public Key $draft = new Key('draft', new TextShape),
        /** @var Key<bool> */
        public Key $owned = new Key('owned', new FlagShape, usual: true),
    ) {
    }
}
