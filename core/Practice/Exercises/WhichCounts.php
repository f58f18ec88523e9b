<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Readings;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;

/** Three readings of one point, one of them taken at another place: which is to count. */
final class WhichCounts
{
    /** Two by the same hand at the same place lie so far apart, in millimetres. */
    private const LEAST_APART = 4;

    private const MOST_APART = 8;

    /** So far above its widest a hip is still taken for one. */
    private const TOO_HIGH = 70.0;

    public static function draw(Draw $draw, string $code, Figure $figure, Unit $unit): Question
    {
        $point = $draw->one([TapePoint::Waist, TapePoint::Hip]);
        $isWaist = $point === TapePoint::Waist;
        $true = TapeReading::of($figure, new Placing($point))->true;
        $odd = new Placing($point, $isWaist ? $figure->at['trouser_line'] : $figure->at['hip'] + self::TOO_HIGH);
        $elsewhere = TapeReading::of($figure, $odd)->reading;
        $near = $true + ($isWaist ? 1 : -1) * $draw->between(self::LEAST_APART, self::MOST_APART);
        $say = new Said($unit);
        $tries = $draw->shuffled([$say->read($true), $say->read($near), $say->read($elsewhere)]);
        $counts = Readings::of($tries)->measureOf($point->onCard());
        $words = static fn (Length $try): string => LengthPrint::sentence($try, $unit);

        return Question::choice(
            "Three readings of one {$point->onCard()->words()}, the tape off between. Which one counts?",
            array_map(static fn (Length $try): array => [$words($try), $try->compare($counts) === 0], $tries),
            $isWaist
                ? ["The smallest, {$words($counts)}: a waist is found by looking for it. {$say->length($elsewhere)} was taken at the trouser line.", 'An elastic tied round settles where the waist is; so does the crease of a bend to the side.']
                : ["The largest, {$words($counts)}: a hip is found by looking for its widest. {$say->length($elsewhere)} was taken too high.", 'Go up and down with the tape until it reads most.'],
            $code,
            afterwards: $odd,
            belongsAt: $figure->heightOf($point),
        );
    }
}
