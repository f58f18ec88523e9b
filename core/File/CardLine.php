<?php

declare(strict_types=1);

namespace Underbolt\File;

use DateTimeImmutable;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;

/** One reading of a card as a line of a file. */
final readonly class CardLine
{
    /**
     * @param  string  $text  the figure as typed
     * @param  Unit  $unit  meant where the text names none
     * @param  int  $attempt  which try at the point, from 1
     * @param  string  $date  of the card, as `2026-11-23`
     * @param  bool  $picked  whether it was said to be the one that counts
     * @param  string  $measuredBy  who held the tape; may be empty
     * @param  int  $number  of the line in the file it was read from; 0 for one that is to be written
     */
    public function __construct(
        public Point $point,
        public string $text,
        public Unit $unit,
        public Length $length,
        public int $attempt,
        public string $date,
        public string $foundation,
        public int $number = 0,
        public bool $picked = false,
        public string $measuredBy = '',
    ) {
    }

    /** What was worn underneath is said in a few words. */
    public const LONGEST_FOUNDATION = 120;

    /** Nobody who is measured now was measured before. */
    private const FIRST_DAY = '1900-01-02';

    /**
     * What is wrong with a day, which a card's own page would refuse as well; null for a good one, as `2026-11-23`.
     *
     * @param  string  $today  likewise
     */
    public static function dayFault(string $text, string $today): ?string
    {
        // Of a text with a NUL the calendar reads nothing but the reader's error.
        $day = str_contains($text, "\0") ? false : DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return match (true) {
            $day === false || $day->format('Y-m-d') !== $text => 'is no date; write it as 2026-11-23',
            $text > $today => 'is in the future: give the day it was measured',
            $text < self::FIRST_DAY => 'is before 1900: give the day it was measured',
            default => null,
        };
    }

    /** What is wrong with what was worn underneath, or with the name of who measured; likewise. */
    public static function foundationFault(string $text): ?string
    {
        return mb_strlen($text) > self::LONGEST_FOUNDATION ? 'is longer than '.self::LONGEST_FOUNDATION.' letters' : null;
    }
}
