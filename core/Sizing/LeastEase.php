<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Fabric;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Level;

/** The least ease a garment can be worn with, where the make gives none (common practice, no published source). */
final class LeastEase
{
    /** A knit is never stretched further round the body than this, in per cent. */
    private const MOST_NEGATIVE = 10;

    public static function of(Level $level, Fabric $fabric, Length $body): Length
    {
        return match ($fabric->kind) {
            FabricKind::Woven => Length::ofNumber(self::wovenCm($level), Unit::Centimetre),
            FabricKind::Knit => self::knit($fabric, $body),
        };
    }

    /** 5, 2.5 and 5 cm: enough to sit, reach and breathe in. */
    private static function wovenCm(Level $level): float
    {
        return $level === Level::Waist ? 2.5 : 5.0;
    }

    private static function knit(Fabric $fabric, Length $body): Length
    {
        $halfStretch = BigRational::of((string) $fabric->stretchPercent)->dividedBy(2);
        $percent = BigRational::min($halfStretch, BigRational::of(self::MOST_NEGATIVE));

        return $body->times($percent->dividedBy(-100));
    }
}
