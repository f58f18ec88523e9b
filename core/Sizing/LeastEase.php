<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cloth\FabricKind;

/** The least ease a garment is usually worn with (common practice, no published source). */
final class LeastEase
{
    /** A knit is never stretched further round the body than this, in per cent. */
    private const MOST_NEGATIVE = 10;

    /** What a woven needs to sit, reach and breathe in, and what is said for it in inches. */
    private const WOVEN_WIDE = ['cm' => 5.0, 'in' => '2 in'];

    private const WOVEN_WAIST = ['cm' => 2.5, 'in' => '1 in'];

    /** Null for a knit whose body is not measured there: its least is a share of the body. */
    public static function usual(Level $level, DraftedFor $fabric, ?Length $body): ?Length
    {
        return match ($fabric->kind) {
            FabricKind::Woven => Length::ofNumber(self::woven($level)['cm'], Unit::Centimetre),
            FabricKind::Knit => $body === null ? null : self::knit($fabric, $body),
        };
    }

    /** A least ease in words: the usual figure of a woven has a round value in each unit. */
    public static function words(Length $least, Level $level, Unit $unit): string
    {
        $woven = self::woven($level);
        $isUsual = $least->compare(Length::ofNumber($woven['cm'], Unit::Centimetre)) === 0;

        return $isUsual && $unit === Unit::Inch ? $woven['in'] : LengthPrint::sentence($least, $unit);
    }

    /** @return array{cm: float, in: string} */
    private static function woven(Level $level): array
    {
        return $level === Level::Waist ? self::WOVEN_WAIST : self::WOVEN_WIDE;
    }

    private static function knit(DraftedFor $fabric, Length $body): Length
    {
        $halfStretch = BigRational::of((string) $fabric->stretchPercent)->dividedBy(2);
        $percent = BigRational::min($halfStretch, BigRational::of(self::MOST_NEGATIVE));

        return $body->times($percent->dividedBy(-100));
    }
}
