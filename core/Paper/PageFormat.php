<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A page that can be printed on, upright; lengths in millimetres. */
enum PageFormat: string
{
    case A4 = 'a4';
    case Letter = 'letter';
    case A3 = 'a3';
    case A0 = 'a0';
    case Roll = 'roll36';
    case Roll90 = 'roll90';
    case Whole = 'whole';

    /** Printers leave this much free at every edge. */
    public const MARGIN_MM = 10.0;

    /** What stands at the foot of a page has so much room within them. */
    public const FOOT_MM = 5.0;

    public function words(): string
    {
        return match ($this) {
            self::A4, self::A3, self::A0 => strtoupper($this->value),
            self::Letter => 'US Letter',
            self::Roll => '36 in roll',
            self::Roll90 => '90 cm roll',
            self::Whole => 'one page of its own size',
        };
    }

    /** @return array{float, float} width and height for a drawing of this size; a roll is as long as is needed */
    public function sizeMm(float $drawingWidthMm, float $drawingHeightMm): array
    {
        return match ($this) {
            self::A4 => [210.0, 297.0],
            self::Letter => [215.9, 279.4],
            self::A3 => [297.0, 420.0],
            self::A0 => [841.0, 1189.0],
            self::Roll, self::Roll90 => [$this === self::Roll ? 914.4 : 900.0, $drawingHeightMm + 2 * self::MARGIN_MM + self::FOOT_MM],
            self::Whole => [$drawingWidthMm + 2 * self::MARGIN_MM, $drawingHeightMm + 2 * self::MARGIN_MM + self::FOOT_MM],
        };
    }

    public function canLieDown(): bool
    {
        return ! in_array($this, [self::Roll, self::Roll90, self::Whole], true);
    }
}
