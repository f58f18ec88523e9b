<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Readings;

/** Reads the measures of one card: one figure for each point, and the tries behind it where the file has them. */
final class BodyReader
{
    /**
     * @param  array<string, Length|bool|array<string, Length>>  $typed  by point, and under `hand` how far whoever measured scatters, by point
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
