<?php

declare(strict_types=1);

namespace Underbolt\File;

use stdClass;
use Underbolt\File\Keys\MakeKeys;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;

/** Reads the measures of one card: one figure for each point, and the tries behind it where the file has them. */
final class BodyReader
{
    /**
     * A hand as it is kept with a make, each length with its unit; what can't be read is nobody's.
     *
     * @return array<string, Length> by point
     */
    public static function hand(stdClass $typed): array
    {
        return MakeKeys::hand()->read(Node::root($typed, 'body.hand', Unit::Centimetre, new FaultLog));
    }

    /**
     * @param  array<string, Length|array<string, Length>>  $typed  by point, and under `hand` how far whoever measured scatters, by point
     * @param  array<string, list<Length>>  $readings  by point, its tries; where a point has some, its measure is taken from them
     */
    public static function read(array $typed, array $readings): Body
    {
        $hand = is_array($typed['hand'] ?? null) ? $typed['hand'] : [];
        $measures = array_filter($typed, static fn (mixed $one): bool => $one instanceof Length);
        $spreads = $counts = [];
        foreach (array_filter($readings) as $code => $tries) {
            $taken = Readings::of($tries);
            $measures[$code] = $taken->measureOf(Point::from($code));
            $spreads[$code] = $taken->spread();
            $counts[$code] = $taken->count();
        }

        return new Body($measures, $spreads, $counts, $hand);
    }
}
