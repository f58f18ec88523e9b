<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Nest\Line;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\ThinnedLine;

/** The line on a nest as numbers: millimetres of the drawing. */
final class NestJson
{
    /** Beside the exact line by no more than this, in millimetres. */
    private const WITHIN_MM = 0.005;

    private const DECIMALS = 4;

    /** @return array<string, mixed> ready for `json_encode` */
    public static function of(NestLine $line): array
    {
        return [
            'unit' => 'mm',
            'seam' => self::points($line->seam),
            'length' => round($line->seam->length(), self::DECIMALS),
            'printed_length' => round($line->printed->whole(), self::DECIMALS),
            'outline' => $line->piece === null ? null : self::points($line->piece),
        ];
    }

    /** @return list<array{float, float}> */
    private static function points(Line $line): array
    {
        return array_map(
            static fn (array $point): array => [round($point[0], self::DECIMALS), round($point[1], self::DECIMALS)],
            ThinnedLine::points($line, self::WITHIN_MM),
        );
    }
}
