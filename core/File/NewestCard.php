<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Body;

/** The body of the newest of the cards in a file. */
final class NewestCard
{
    /**
     * @param  list<CardLine>  $lines
     * @return ?Body null where there are none
     */
    public static function body(array $lines): ?Body
    {
        if ($lines === []) {
            return null;
        }
        $newest = $lines[0];
        foreach ($lines as $line) {
            $newest = strcmp($line->date, $newest->date) > 0 ? $line : $newest;
        }
        $readings = [];
        foreach ($lines as $line) {
            if ($line->date === $newest->date && $line->foundation === $newest->foundation) {
                $readings[$line->point->value][$line->attempt] = $line->length;
            }
        }

        return BodyReader::read([], array_map(static function (array $tries): array {
            ksort($tries);

            return array_values($tries);
        }, $readings));
    }
}
