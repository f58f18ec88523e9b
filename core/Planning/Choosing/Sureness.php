<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sure;

/** Whether one more reading could change a level's own pick, and of which measure. */
final readonly class Sureness
{
    /** As near to a figure as this, a measure stands on it: 1/16 in. */
    private const ON_NM = 1_587_500;

    private function __construct(public Point $point, public Sure $sure)
    {
    }

    public static function at(LevelFacts $facts, Situation $situation): self
    {
        $body = $situation->make->body;
        $lookup = $facts->frame === null ? null : $situation->lookup;
        $point = $lookup->point ?? $facts->level->decidingPoint($body);
        if ($situation->make->choices->clip($facts->level) !== null) {
            return new self($point, Sure::ByHand);
        }
        $after = $lookup === null
            ? static function (Length $moved) use ($facts, $body, $point): int {
                $measure = $body->at($point);
                $girth = $measure === null ? null : $facts->level->girthOf($body->with($point, $measure->plus($moved)));

                return $girth === null ? $facts->own : $facts->withBody($girth)->own;
            }
            : $lookup->sizeAfter(...);

        return new self(
            $point,
            Sure::of(
                $body->spreadAt($point),
                $after,
                $facts->own,
                self::isOn($facts, $lookup->chart->standing ?? $facts->chartSize?->standing),
            ),
        );
    }

    private static function isOn(LevelFacts $facts, ?ChartPosition $standing): bool
    {
        $left = $facts->schoolAt($facts->own) === EaseSchool::Liked ? $facts->leftOver($facts->own) : null;

        return $standing === ChartPosition::On || ($left !== null && $left->abs()->nanometres <= self::ON_NM);
    }
}
