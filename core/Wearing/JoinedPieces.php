<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Pattern\Paper\Piece;

/** Which pieces a change is likely to concern: what is cut there, and what joins there (common practice, no published source). */
final class JoinedPieces
{
    private const BODY = 'front|back|bodice|side|yoke|princess|panel';

    private const LINING = 'lining|interlining';

    /**
     * @param  list<Piece>  $pieces  of the pattern
     * @return list<string> names, in the pattern's order
     */
    public static function proposed(FittingPlace $place, FrontOrBack $part, array $pieces): array
    {
        $words = implode('|', [self::wordsAt($place), self::LINING]);
        // A piece of the other part is not concerned, but for one that both share.
        $not = match ($part) {
            FrontOrBack::Front => '/^(?!.*\bfront\b).*\bback\b/i',
            FrontOrBack::Back => '/^(?!.*\bback\b).*\bfront\b/i',
            FrontOrBack::Both => '/^$/',
        };

        return array_values(array_map(
            static fn (Piece $piece): string => $piece->name,
            array_filter(
                $pieces,
                static fn (Piece $piece): bool => preg_match("/\\b(?:{$words})s?\\b/i", $piece->name) === 1 && preg_match($not, $piece->name) !== 1,
            ),
        ));
    }

    private static function wordsAt(FittingPlace $place): string
    {
        return match ($place) {
            FittingPlace::Neck => self::BODY.'|collar|neck|facing',
            FittingPlace::Shoulder => self::BODY.'|sleeve|facing|collar',
            FittingPlace::Armhole => self::BODY.'|sleeve|arm(?:hole|scye)',
            FittingPlace::Sleeve => 'sleeve|cuff',
            FittingPlace::Back => 'back|yoke|facing|collar',
            FittingPlace::Waist => self::BODY.'|waistband|band|skirt|peplum|facing',
            FittingPlace::Hem => self::BODY.'|skirt|hem|band|facing',
            FittingPlace::Bust, FittingPlace::Hip, FittingPlace::SideSeam => self::BODY.'|skirt|band|facing',
        };
    }
}
