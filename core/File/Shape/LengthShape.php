<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;

/**
 * A length within the limits of its kind.
 *
 * @implements Shape<Length>
 */
final readonly class LengthShape implements Shape
{
    public function __construct(private LengthKind $kind)
    {
    }

    public function read(Node $node): ?Length
    {
        return $node->length($this->kind);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return match (true) {
            is_string($typed) => LengthText::worded($typed, $unit),
            is_int($typed), is_float($typed) => json_encode($typed)." {$unit->value}",
            default => $typed,
        };
    }

    public function schema(Dialect $dialect): array
    {
        return $dialect === Dialect::File ? ['$ref' => '#/$defs/length'] : ['type' => 'string'];
    }
}
