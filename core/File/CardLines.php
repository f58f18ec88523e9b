<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Typed\FaultLog;

/** The lines of one file of cards, looked at together. */
final class CardLines
{
    /** More than any workroom has. */
    public const MOST = 5000;

    /**
     * A file that says a reading twice doesn't say which of the two it is.
     *
     * @param  list<CardLine>  $lines
     */
    public static function refuseTwice(array $lines, FaultLog $log): void
    {
        $seen = [];
        foreach ($lines as $line) {
            $place = "{$line->date}|{$line->foundation}|{$line->point->value}|{$line->attempt}";
            if (isset($seen[$place])) {
                $log->add("line {$line->number}", "says the same reading as line {$seen[$place]}; number the readings of a point 1, 2, 3");
            }
            $seen[$place] ??= $line->number;
        }
    }
}
