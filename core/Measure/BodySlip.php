<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/**
 * What two points say of each other: where one is more than the other may be, the tape has slipped, or the body
 * asks for more than a chart knows. The card asks about it, the plan warns of it (common practice, no published source).
 */
enum BodySlip
{
    case HighBustOverFullBust;
    case WaistAtTrousers;
    case HipAtHipBone;
    case TummyOverHip;
    case ThighOverHip;

    /** A tummy less than this above the waist: the waist was read at the trouser line. */
    private const TUMMY_ABOVE_WAIST_CM = 1;

    /**
     * By how much the one point is more than the other lets it be; null where it isn't, or where one isn't known.
     *
     * @param  callable(Point): ?Length  $at
     */
    public function by(callable $at): ?Length
    {
        [$larger, $than] = array_map($at, $this->points());
        if ($larger === null || $than === null) {
            return null;
        }
        $over = $larger->plus($this->apart())->minus($than);

        return $over->isPositive() ? $over : null;
    }

    /** @return array{Point, Point} the one that is too large, and what it is compared with */
    private function points(): array
    {
        return match ($this) {
            self::HighBustOverFullBust => [Point::HighBust, Point::FullBust],
            self::WaistAtTrousers => [Point::Waist, Point::Tummy],
            self::HipAtHipBone => [Point::HighHip, Point::Hip],
            self::TummyOverHip => [Point::Tummy, Point::Hip],
            self::ThighOverHip => [Point::ThighLevel, Point::Hip],
        };
    }

    /** How much less than the other it has to be. */
    private function apart(): Length
    {
        return $this === self::WaistAtTrousers ? Length::ofNumber(self::TUMMY_ABOVE_WAIST_CM, Unit::Centimetre) : Length::zero();
    }
}
