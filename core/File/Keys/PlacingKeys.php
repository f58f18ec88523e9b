<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\FlagShape;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NumberShape;
use Underbolt\File\Shape\WholeShape;
use Underbolt\File\Shape\WordShape;
use Underbolt\Practice\Arms;
use Underbolt\Practice\TapePoint;

/** How a tape was laid; millimetres. What is left out is as it should be. */
final readonly class PlacingKeys implements Keys
{
    use ListsKeys;

    private const STEEPEST = 60;

    public function __construct(
        /** @var Key<TapePoint> */
        public Key $point = new Key('point', new WordShape(TapePoint::class), isRequired: true),
        /** @var Key<float> */
        public Key $height = new Key('height', new NumberShape(0, 3000), 'at the body\'s middle, within the rings'),
        /** @var Key<float> */
        public Key $front = new Key('front', new NumberShape(-self::STEEPEST, self::STEEPEST), 'how much higher it runs in front than in the middle', usual: 0.0),
        /** @var Key<float> */
        public Key $left = new Key('left', new NumberShape(-self::STEEPEST, self::STEEPEST), 'likewise at the left side', usual: 0.0),
        /** @var Key<float> */
        public Key $over = new Key('over', new NumberShape(0, 20), 'thickness of cloth under it', usual: 0.0),
        /** @var Key<int> */
        public Key $fingers = new Key('fingers', new WholeShape(0, 3), 'under it, side by side', usual: 0),
        /** @var Key<float> */
        public Key $pull = new Key('pull', new NumberShape(0, 1), usual: 0.0),
        /** @var Key<float> */
        public Key $breath = new Key('breath', new NumberShape(-1, 1), 'breathed out below 0, in above', usual: 0.0),
        /** @var Key<Arms> */
        public Key $arms = new Key('arms', new WordShape(Arms::class), usual: Arms::Down),
        /** @var Key<bool> */
        public Key $board = new Key('board', new FlagShape, 'held upright against the foremost front, at the hip alone; left out, as it is needed'),
        /** @var Key<float> */
        public Key $stretched = new Key('stretched', new NumberShape(0, 0.05), 'by so much of its length', usual: 0.0),
        /** @var Key<float> */
        public Key $startsAt = new Key('starts_at', new NumberShape(0, 300), 'where its zero really is', usual: 0.0),
    ) {
    }
}
