<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;

/**
 * What the ease at the bust of a dress or top is called (a published trade chart, given from memory).
 *
 * Coats, jackets and other levels have other bands.
 */
enum EaseBand: string
{
    case Stretched = 'stretched';
    case CloseFitting = 'close-fitting';
    case Fitted = 'fitted';
    case SemiFitted = 'semi-fitted';
    case Loose = 'loose';
    case VeryLoose = 'very loose';

    /** @param  Length  $ease finished less body */
    public static function of(Length $ease): self
    {
        $cm = $ease->nanometres / 1e7;

        return match (true) {
            $cm < 0 => self::Stretched,
            $cm < 7.5 => self::CloseFitting,
            $cm < 10.2 => self::Fitted,
            $cm < 13 => self::SemiFitted,
            $cm <= 20.3 => self::Loose,
            default => self::VeryLoose,
        };
    }
}
