<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

use Underbolt\Measure\Length;
use Underbolt\Planning\LevelPlan;

/**
 * How a level sits: a section of the body, the garment round it as it is cut, and as it is printed where that differs.
 * The body is drawn as an oval, whatever its build, and the room between three times as wide as it is, so that it is seen.
 */
final class SitsPicture
{
    private const MIDDLE = [60.0, 48.0];

    /** Half the width of the largest of the ovals. */
    private const HALF = 52.0;

    /** A body is so much less deep than wide (judgement, no published source). */
    private const DEEP = 0.78;

    /** So many times as wide as it is the room is drawn. */
    private const WIDER = 3.0;

    /** However much smaller a garment is, it stays so large a part of the body. */
    private const LEAST = 0.4;

    /** Round an oval of so deep a section, for each unit of its half width (Ramanujan's second formula). */
    private const ROUND = 5.6134;

    /** Null where the garment isn't known there. */
    public static function of(LevelPlan $level): ?Picture
    {
        $body = $level->facts->body;
        if ($body === null || $level->asCut === null || $level->easeAsCut === null) {
            return null;
        }
        $printed = $level->changed->isZero() ? null : $level->asCut->minus($level->changed);
        $scale = self::HALF / max(self::halfWidth($body, $body), self::halfWidth($body, $level->asCut), self::halfWidth($body, $printed ?? $body));
        $oval = static fn (Length $girth): string => self::oval($body, $girth, $scale);

        return new Picture(
            [
                ...($level->easeAsCut->isPositive() ? [[$oval($level->asCut), Pen::Between]] : []),
                [$oval($body), Pen::Paper],
                ...($printed === null ? [] : [[$oval($printed), Pen::Cut]]),
                [$oval($level->asCut), Pen::Made],
            ],
        );
    }

    /** Round a girth that stands off the body alike all round, in nanometres. */
    private static function halfWidth(Length $body, Length $girth): float
    {
        $own = $body->nanometres / self::ROUND;

        return max(self::LEAST * $own, $own + self::WIDER * ($girth->nanometres - $body->nanometres) / (2 * M_PI));
    }

    private static function oval(Length $body, Length $girth, float $scale): string
    {
        $wide = self::halfWidth($body, $girth) * $scale;
        $deep = $wide - $body->nanometres / self::ROUND * (1 - self::DEEP) * $scale;
        [$x, $y] = self::MIDDLE;

        return sprintf('M%.2f %.2fa%.2f %.2f 0 1 0 %.2f 0a%.2f %.2f 0 1 0 %.2f 0Z', $x - $wide, $y, $wide, $deep, 2 * $wide, $wide, $deep, -2 * $wide);
    }
}
