<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Key;
use Underbolt\File\Shape\Keys;
use Underbolt\File\Shape\ListsKeys;
use Underbolt\File\Shape\NumberShape;

/** A level section of a figure, of two half ellipses; millimetres. */
final readonly class RingKeys implements Keys
{
    use ListsKeys;

    /** No body is deeper, or taller. */
    private const FARTHEST = 3000;

    /** @var Key<float> */
    public Key $z;

    /** @var Key<float> */
    public Key $w;

    /** @var Key<float> */
    public Key $f;

    /** @var Key<float> */
    public Key $r;

    /** @var Key<float> */
    public Key $c;

    public function __construct()
    {
        $depth = new NumberShape(1, self::FARTHEST);
        $this->z = new Key('z', new NumberShape(0, self::FARTHEST), 'its height', isRequired: true);
        $this->w = new Key('w', $depth, 'half its width', isRequired: true);
        $this->f = new Key('f', $depth, 'depth of its front half', isRequired: true);
        $this->r = new Key('r', $depth, 'depth of its rear half', isRequired: true);
        $this->c = new Key('c', new NumberShape(-self::FARTHEST, self::FARTHEST), 'how far forward its middle lies', isRequired: true);
    }
}
