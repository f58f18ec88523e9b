<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;

/**
 * A day as it is written in files: `2026-11-26`.
 *
 * @implements Shape<string>
 */
final readonly class DayShape implements Shape
{
    use Plain;

    private const PATTERN = '/^(\d{4})-(\d{2})-(\d{2})$/';

    public function read(Node $node): ?string
    {
        $text = $node->text();
        if ($text === null) {
            return null;
        }

        return preg_match(self::PATTERN, $text, $part) === 1 && checkdate((int) $part[2], (int) $part[3], (int) $part[1])
            ? $text
            : $node->fault('must be a day, such as 2026-11-26');
    }

    public function schema(Dialect $dialect): array
    {
        return ['type' => 'string', ...$dialect->limits(['format' => 'date'])];
    }
}
