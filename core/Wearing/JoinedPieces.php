<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Pattern\Piece;

/** Which pieces a change is likely to concern: what is cut there, and what joins there (common practice, no published source). */
final class JoinedPieces
{
    private const BODY = 'front|back|bodice|side|yoke|princess|panel';

    private const LINING = 'lining|interlining';

    /**
     * @param  list<Piece>  $pieces  of the pattern
     * @return list<string> names, in the pattern's order
     */
    public static function proposed(Place $place, Part $part, array $pieces): array
    {
        $words = implode('|', [self::wordsAt($place), self::LINING]);
        // A piece of the other part is not concerned, but for one that both share.
        $not = match ($part) {
            Part::Front => '/^(?!.*\bfront\b).*\bback\b/i',
            Part::Back => '/^(?!.*\bback\b).*\bfront\b/i',
            Part::Both => '/^$/',
        };

        return array_values(array_map(
            static fn (Piece $piece): string => $piece->name,
            array_filter(
                $pieces,
                static fn (Piece $piece): bool => preg_match("/\\b(?:{$words})s?\\b/i", $piece->name) === 1 && preg_match($not, $piece->name) !== 1,
            ),
        ));
    }

    private static function wordsAt(Place $place): string
    {
        return match ($place) {
            Place::Neck => self::BODY.'|collar|neck|facing',
            Place::Shoulder => self::BODY.'|sleeve|facing|collar',
            Place::Armhole => self::BODY.'|sleeve|arm(?:hole|scye)',
            Place::Sleeve => 'sleeve|cuff',
            Place::Back => 'back|yoke|facing|collar',
            Place::Waist => self::BODY.'|waistband|band|skirt|peplum|facing',
            Place::Hem => self::BODY.'|skirt|hem|band|facing',
            Place::Bust, Place::Hip, Place::SideSeam => self::BODY.'|skirt|band|facing',
        };
    }
}
