<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Unit;

/**
 * A length that is alike for all sizes, or a row of one figure for each.
 *
 * @implements Shape<Length|list<?Length>>
 */
final readonly class LengthBySizeShape implements Shape
{
    private LengthShape $single;

    /** @var RowShape<Length> */
    private RowShape $row;

    public function __construct(LengthKind $kind)
    {
        $this->single = new LengthShape($kind);
        $this->row = new RowShape($this->single);
    }

    public function read(Node $node): Length|array|null
    {
        return $node->isList() ? $this->row->read($node) : $this->single->read($node);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return is_array($typed) ? $this->row->worded($typed, $unit) : $this->single->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return ['anyOf' => [$this->single->schema($dialect), $this->row->schema($dialect)]];
    }
}
