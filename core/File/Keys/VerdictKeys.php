<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ByLevel;
use Underbolt\File\Shape\DayShape;
use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\LengthShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\TextShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Wearing\Wear;

/** What was said of a make once it was worn. */
final readonly class VerdictKeys implements Keys
{
    use ListsKeys;

    public function __construct(
        /** @var Key<string> */
        public Key $day = new Key('day', new DayShape),
        /** @var Key<array<string, Wear>> */
        public Key $levels = new Key('levels', new ByLevel(new WordShape(Wear::class))),
        /** @var Key<array<string, Length>> */
        public Key $ease = new Key('ease', new ByLevel(new LengthShape(LengthKind::Ease)), 'as cut, on that day'),
        /** @var Key<array<string, string>> */
        public Key $sizes = new Key('sizes', new ByLevel(new TextShape), 'that were cut'),
        /** @var Key<string> */
        public Key $note = new Key('note', new TextShape(orEmpty: true), usual: ''),
        /** @var Key<bool> */
        public Key $again = new Key('again', new FlagShape, 'whether it would be made again'),
    ) {
    }
}
