<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\ConstShape;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListShape;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NamedShape;
use Underbolt\File\Shape\NumberShape;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\TextShape;
use Underbolt\Practice\Figure;

/** A figure to practise on; millimetres. */
final readonly class FigureKeys implements Keys
{
    use ListsKeys;

    public const FORMAT = 'underbolt/figure';

    public const VERSION = 1;

    private const MOST_RINGS = 60;

    public const LEAST_RINGS = 5;

    /** @var Key<string|int> */
    public Key $format;

    /** @var Key<string|int> */
    public Key $version;

    /** @var Key<string> */
    public Key $name;

    /** @var Key<list<Fields>> */
    public Key $rings;

    /** @var Key<array<string, float>> */
    public Key $at;

    public function __construct()
    {
        $this->format = new Key('format', new ConstShape(self::FORMAT, 'must be "'.self::FORMAT.'"'), isRequired: true);
        $this->version = new Key('version', new ConstShape(self::VERSION, 'must be '.self::VERSION), isRequired: true);
        $this->name = new Key('name', new TextShape);
        $this->rings = new Key('rings', new ListShape(new ObjectShape(new RingKeys), self::MOST_RINGS, self::LEAST_RINGS), 'from low to high', isRequired: true);
        $this->at = new Key('at', new NamedShape(array_fill_keys(Figure::HEIGHTS, new NumberShape(0, 3000))), 'the true heights', isRequired: true);
    }
}
