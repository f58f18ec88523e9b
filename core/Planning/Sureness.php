<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Level;
use Underbolt\Sizing\Sure;

/** Asks at every level whether the size would stay, were the measure that decides it a little different. */
final class Sureness
{
    /**
     * @param  array<string, int>  $sizes  as picked, by level
     * @return array<string, Sure>
     */
    public static function of(Situation $situation, array $sizes): array
    {
        $sure = [];
        foreach ($sizes as $name => $size) {
            $point = self::deciding($situation, Level::from($name));
            $measure = $situation->make->body->at($point);
            $sure[$name] = $measure === null || $situation->make->choices->clip(Level::from($name)) !== null ? Sure::Firm : Sure::of(
                $situation->make->body->spreadAt($point),
                static fn (Length $moved): int => SizePick::of($situation->with($situation->make->body->with($point, $measure->plus($moved))))[$name],
                $size,
            );
        }

        return $sure;
    }

    /** The measure that settles the size: at the bust that of whoever leads, at the hip the larger of hip and thighs. */
    private static function deciding(Situation $situation, Level $level): Point
    {
        $body = $situation->make->body;
        $thighs = $body->at(Point::ThighLevel);
        $hip = $body->at(Point::Hip);

        return match (true) {
            $level === Level::Bust => $situation->lead->lead->point(),
            $level === Level::Hip && $thighs !== null && $hip?->isLessThan($thighs) === true => Point::ThighLevel,
            default => $level->point(),
        };
    }
}
