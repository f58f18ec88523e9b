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
    /** More tries at one point than anyone takes. */
    public const MOST_TRIES = 9;

    /**
     * @param  string  $text  the figure as typed
     * @param  Unit  $unit  meant where the text names none
     * @param  int  $attempt  which try at the point, from 1
     * @param  string  $date  of the card, as `2026-11-23`
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
    ) {
    }

    /** Whether a text is a day of the calendar, as `2026-11-23`. */
    public static function isDate(string $text): bool
    {
        $day = DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return $day !== false && $day->format('Y-m-d') === $text;
    }
}
