<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Unit;

/** A piece of tape to be read: whole, with its tip cut off, or with its zero at the wrong end. */
final class ReadIt
{
    private const QUESTION = 'The tape goes round a body, and its tip meets it here. What is the girth?';

    public static function draw(Draw $draw, Unit $unit): Question
    {
        $strokes = TapePiece::strokes($unit);
        // From 60 to 120 cm, or 24 to 48 in.
        $girth = $draw->between($unit === Unit::Centimetre ? 600 : 24 * $strokes, $unit === Unit::Centimetre ? 1200 : 48 * $strokes);

        return match ($draw->between(0, 2)) {
            0 => self::whole(new TapePiece($unit, 0, $girth)),
            1 => self::cut(new TapePiece($unit, $cut = $strokes * $draw->between(1, 4), $cut + $girth)),
            default => self::turned(new TapePiece($unit, $long = $strokes * ($unit === Unit::Centimetre ? 150 : 60), $long - $girth)),
        };
    }

    private static function whole(TapePiece $piece): Question
    {
        $strokes = $piece->unit === Unit::Centimetre
            ? 'Between two figures lie ten strokes; the longer one in the middle is the half.'
            : 'Between two figures lie eight strokes: the longest is the half, the next are the quarters, the short ones eighths.';

        return Question::reading(self::QUESTION, $piece, ["It meets at {$piece->figure($piece->meets)}, and its tip is its zero: that is the girth.", $strokes]);
    }

    private static function cut(TapePiece $piece): Question
    {
        $girth = $piece->figure($piece->meets - $piece->tip);

        return Question::reading(self::QUESTION, $piece, [
            "Its tip is cut off at {$piece->figure($piece->tip)}: {$piece->figure($piece->meets)} less {$piece->figure($piece->tip)} is {$girth}.",
            'A worn or cut end adds to every figure. Look at the tip before the first one.',
        ]);
    }

    private static function turned(TapePiece $piece): Question
    {
        $girth = $piece->figure($piece->tip - $piece->meets);

        return Question::reading(self::QUESTION, $piece, [
            "Its zero is at the other end: {$piece->figure($piece->tip)} less {$piece->figure($piece->meets)} is {$girth}.",
            'A tape has two sides and two ends: begin with the one that says 1.',
        ]);
    }
}
