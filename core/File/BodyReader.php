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
    private const MOST_TRIES = 9;

    /** @param  ?Node  $readings  by point, a list of tries; where a point has some, its measure is taken from them */
    public static function read(Node $node, ?Node $readings): Body
    {
        $points = array_column(Point::cases(), 'value');
        $measures = [];
        $spreads = [];
        foreach ($node->fields($points) as $code => $field) {
            $length = $field->length(Point::from($code)->kind());
            if ($length !== null) {
                $measures[$code] = $length;
            }
        }
        foreach ($readings?->fields($points) ?? [] as $code => $field) {
            $tries = self::tries($field, Point::from($code));
            if ($tries !== []) {
                $measures[$code] = Readings::of($tries)->measureOf(Point::from($code));
                $spreads[$code] = Readings::of($tries)->spread();
            }
        }

        return new Body($measures, $spreads);
    }

    /** @return list<Length> */
    private static function tries(Node $node, Point $point): array
    {
        $tries = array_map(static fn (Node $item): ?Length => $item->length($point->kind()), $node->items(self::MOST_TRIES) ?? []);

        return array_values(array_filter($tries, static fn (?Length $try): bool => $try !== null));
    }
}
