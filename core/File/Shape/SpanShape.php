<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;

/**
 * A length, or the two ends of a range: `[84, 88]` or "84-88".
 *
 * @implements Shape<Length|Span>
 */
final readonly class SpanShape implements Shape
{
    private LengthShape $end;

    public function __construct(private LengthKind $kind)
    {
        $this->end = new LengthShape($kind);
    }

    public function read(Node $node): Length|Span|null
    {
        return $node->span($this->kind);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return is_array($typed) ? array_map(fn (mixed $end): mixed => $this->end->worded($end, $unit), $typed) : $this->end->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        $end = $this->end->schema($dialect);

        return $dialect === Dialect::File ? ['anyOf' => [$end, ['type' => 'array', 'items' => $end, 'minItems' => 2, 'maxItems' => 2]]] : $end;
    }
}
