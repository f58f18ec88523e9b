<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Practice\ReadSize;
use Underbolt\Practice\TapeReading;

/** A reading as a file has it: millimetres, rounded to a ten-thousandth. */
final class PracticeJson
{
    private const DECIMALS = 4;

    /** @return array<string, mixed> */
    public static function of(TapeReading $reading, ?ReadSize $size): array
    {
        $slips = [];
        foreach ($reading->shares as $slip => $share) {
            $slips[] = ['slip' => $slip, 'share' => self::mm($share)];
        }

        return [
            'unit' => 'mm',
            'true' => self::mm($reading->true),
            'reading' => self::mm($reading->reading),
            'slips' => $slips,
            'size' => $size === null ? null : ['true' => $size->true, 'read' => $size->read],
        ];
    }

    private static function mm(float $length): float
    {
        return round($length, self::DECIMALS) + 0.0;
    }
}
