<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\Altering\Alteration;
use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;

/** One thing that a fitting found. */
final readonly class FindingKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<FittingPlace> */
        public Key $place = new Key('place', new WordShape(FittingPlace::class), isRequired: true),
        /** @var Key<Alteration> */
        public Key $deed = new Key('what', new WordShape(Alteration::class), isRequired: true),
        /** @var Key<Length> */
        public Key $amount = new Key('amount', new LengthShape(LengthKind::Allowance), 'more than nothing; at each edge where it is added or taken in', isRequired: true),
        /** @var Key<FrontOrBack> */
        public Key $part = new Key('where', new WordShape(FrontOrBack::class), usual: FrontOrBack::Both),
        /** @var Key<list<string>> */
        public Key $pieces = new Key('pieces', new ListShape(new TextShape, 60), 'that it is done on'),
        /** @var Key<string> */
        public Key $note = new Key('note', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<int> */
        public Key $tracing = new Key('tracing', new WholeShape(2, FittingKeys::MOST_TRACINGS), 'the one that is drawn with it; the first is the plan\'s', usual: 2),
        /** @var Key<list<string>> */
        public Key $done = new Key('done', new ListShape(new TextShape, 60), 'pieces that it was done on'),
        /** @var Key<bool> */
        public Key $carried = new Key('carried', new FlagShape, 'found on an earlier make, and in this one from its first tracing on', usual: false),
    ) {
    }
}
