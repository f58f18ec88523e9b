<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\Unit;
use Underbolt\Practice\Figure;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\Torso;

/** Halves from side seam to side seam, and why they differ; or how a length down the side is taken. */
final class Halves
{
    private const STEPS = 720;

    /** Halves that differ less are taken for the same, in millimetres. */
    private const THE_SAME = 8.0;

    /** What is offered beside the true difference is so far off. */
    private const OFF = 40.0;

    public static function draw(Draw $draw, string $code, Figure $figure, Unit $unit): Question
    {
        return $draw->between(0, 2) === 0 ? self::downTheSide($draw) : self::halves($draw, $code, $figure, $unit);
    }

    private static function halves(Draw $draw, string $code, Figure $figure, Unit $unit): Question
    {
        $point = $draw->one([TapePoint::Bust, TapePoint::Waist, TapePoint::Hip]);
        [$w, $f, $r] = (new Torso($figure, false))->at($figure->heightOf($point));
        [$front, $back] = [self::half($w, $f), self::half($w, $r)];
        $more = $front - $back;
        $say = new Said($unit);
        $words = static fn (float $by): string => match (true) {
            abs($by) < self::THE_SAME => 'both are the same',
            $by > 0 => "the front, by {$say->length($by)}",
            default => "the back, by {$say->length(-$by)}",
        };
        $true = $words($more);
        $offered = array_values(array_unique([$true, $words(-$more), $words($more + self::OFF), $words($more - self::OFF), $words(0.0)]));

        return Question::choice(
            "From side seam to side seam at the {$point->onCard()->words()}: which half is the longer, and by how much?",
            array_map(static fn (string $one): array => [$one, $one === $true], $draw->shuffled($offered)),
            [
                "The front half is {$say->length($front)}, the back half {$say->length($back)}.",
                'What lies in front of the side seams is not half of what goes round: a front cut as half of it pulls the side seams forward, or pushes them back.',
            ],
            $code,
            belongsAt: $figure->heightOf($point),
        );
    }

    private static function downTheSide(Draw $draw): Question
    {
        $ways = [['the arms down, the eyes ahead', true], ['the arm raised, to make room for the tape', false], ['looking down at the tape', false], ['with a deep breath held', false]];

        return Question::choice(
            'From the underarm to the waist, along the side: how does the body stand?',
            $draw->shuffled($ways),
            ['Arms down, looking ahead. A raised arm draws the side up, and whoever looks down bends forward: both change the length.', 'The waist is where an elastic settles: tie one round first.'],
        );
    }

    /** Half of an ellipse round, by its corners. */
    private static function half(float $wide, float $deep): float
    {
        $length = 0.0;
        for ($i = 1; $i <= self::STEPS; $i++) {
            [$from, $to] = [M_PI * ($i - 1) / self::STEPS, M_PI * $i / self::STEPS];
            $length += hypot($wide * (cos($to) - cos($from)), $deep * (sin($to) - sin($from)));
        }

        return $length;
    }
}
