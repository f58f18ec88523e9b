<?php

declare(strict_types=1);

namespace Underbolt\File\Keys;

use Underbolt\File\Shape\Dialect;
use Underbolt\File\Shape\ObjectShape;
use Underbolt\File\Shape\Shape;
use Underbolt\File\Shape\WordShape;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pieces\ReachEnd;
use Underbolt\Pattern\Pieces\ReachPlace;

/**
 * Where a piece begins or ends: a named place, or so far below a level.
 *
 * @implements Shape<ReachEnd>
 */
final readonly class ReachShape implements Shape
{
    public function read(Node $node): ?ReachEnd
    {
        if (! $node->isObject()) {
            $place = $node->oneOf(ReachPlace::class);

            return $place === null ? null : new ReachEnd($place);
        }
        $keys = new SeamAtKeys;
        $fields = (new ObjectShape($keys))->read($node);
        $level = $fields->get($keys->level);
        $below = $fields->get($keys->below);

        return $level === null || $below === null ? null : new ReachEnd(ReachPlace::ofLevel($level), $below);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return is_string($typed) ? $typed : (new ObjectShape(new SeamAtKeys))->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return ['oneOf' => [(new WordShape(ReachPlace::class))->schema($dialect), (new ObjectShape(new SeamAtKeys))->schema($dialect)]];
    }
}
