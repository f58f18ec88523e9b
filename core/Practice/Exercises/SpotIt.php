<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use Underbolt\Measure\PointGuides;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;

/** Somebody has measured: what is wrong is seen, and chosen from five. */
final class SpotIt
{
    private const OFFERED = 5;

    public static function draw(Draw $draw, string $code, Figure $figure, Unit $unit): Question
    {
        $point = $draw->one([TapePoint::Bust, TapePoint::Waist, TapePoint::Hip]);
        $signs = array_slice($draw->shuffled(Sign::cases()), 0, self::OFFERED);
        $seen = $draw->one($signs);
        $placing = $seen->placing($point, $figure);
        $read = TapeReading::of($figure, $placing);
        $guide = PointGuides::all()[$point->onCard()->value];
        $say = new Said($unit);

        return Question::choice(
            "Somebody has measured the {$point->onCard()->words()}. What is wrong with it?",
            array_map(static fn (Sign $sign): array => [$sign->words(), $sign === $seen], $signs),
            ["It reads {$say->length($read->reading)} instead of {$say->length($read->true)}: ".$say->signed($read->reading - $read->true).'.', $seen->avoided() ?? $guide->mistake],
            $code,
            $placing,
            self::inFigures($figure, $placing, $say),
            $placing,
            $figure->heightOf($point),
        );
    }

    /** @return list<string> */
    private static function inFigures(Figure $figure, Placing $placing, Said $say): array
    {
        $own = $figure->heightOf($placing->point);
        $slant = static fn (float $by, string $where): string => $by === 0.0 ? "{$where} it is as high as in the middle" : $say->slant($by, $where);

        return [
            "The {$placing->point->onCard()->words()} is {$say->length($own)} above the floor, the middle of the tape {$say->length($placing->height ?? $own)}.",
            ucfirst($slant($placing->front, 'in front')).', '.$slant($placing->left, 'at the left side').'.',
            $placing->over > 0 ? "Under it lies cloth, {$say->length($placing->over)} thick." : 'Under it lies no cloth.',
            $placing->fingers > 0 ? "Under it are {$placing->fingers} fingers." : 'Under it is no finger.',
        ];
    }
}
