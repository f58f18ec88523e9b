<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** Whether a tape was laid right: slip by slip, never by the total, in which a tight tape hides a finger. */
final readonly class Judgement
{
    /** At waist and hip the place itself counts: 10 mm. */
    private const PLACE_WITHIN = 10.0;

    /** A slip that adds no more is none, in millimetres (judgement, no published source). */
    private const SHARE_WITHIN = 5.0;

    private const SHARE_WITHIN_AT_LARGE = 10.0;

    /** @param  array<value-of<Slip>, bool>  $slips  of each that was made, whether it is small enough */
    private function __construct(public array $slips, public bool $isRight)
    {
    }

    public static function of(Figure $figure, Placing $placing, TapeReading $reading): self
    {
        $point = $placing->point;
        $within = in_array($point, [TapePoint::Bust, TapePoint::Hip], true) ? self::SHARE_WITHIN_AT_LARGE : self::SHARE_WITHIN;
        $slips = array_map(static fn (float $share): bool => abs($share) <= $within, $reading->shares);
        if (isset($slips[Slip::Place->value]) && in_array($point, [TapePoint::Waist, TapePoint::Hip], true)) {
            $off = abs(($placing->height ?? $figure->heightOf($point)) - $figure->heightOf($point));
            $slips[Slip::Place->value] = $slips[Slip::Place->value] && $off <= self::PLACE_WITHIN;
        }

        return new self($slips, ! in_array(false, $slips, true));
    }
}
