<?php

declare(strict_types=1);

namespace Underbolt\Work\Facts;

use Underbolt\Altering\FittingPlace;
use Underbolt\Altering\FrontOrBack;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;

/** Which pieces a finding touches: those that have the seam where it was found, on the part where it was found. */
final class TouchedPieces
{
    /**
     * @param  list<Piece>  $pieces
     * @return list<Piece>
     */
    public static function byFinding(FittingPlace $place, FrontOrBack $part, array $pieces): array
    {
        return array_values(array_filter($pieces, static fn (Piece $piece): bool => $piece->layer !== Layer::Other && self::isOfPart($piece, $part) && self::isAt($piece, $place)));
    }

    private static function isOfPart(Piece $piece, FrontOrBack $part): bool
    {
        // A piece that lies on neither, such as a sleeve or a collar, joins both.
        return match ($piece->side) {
            PieceSide::Front => $part->isFront(),
            PieceSide::Back => $part->isBack(),
            default => true,
        };
    }

    private static function isAt(Piece $piece, FittingPlace $place): bool
    {
        return match ($place) {
            FittingPlace::Neck => $piece->has(SeamKind::Neck),
            FittingPlace::Shoulder => $piece->has(SeamKind::Shoulder),
            FittingPlace::Armhole => $piece->has(SeamKind::Armhole) || $piece->has(SeamKind::SleeveHead),
            FittingPlace::Sleeve => $piece->side === PieceSide::Sleeve,
            FittingPlace::Back => $piece->has(SeamKind::CentreBack),
            FittingPlace::Princess => $piece->has(SeamKind::Princess),
            FittingPlace::Inset => $piece->has(SeamKind::Inset),
            FittingPlace::Hem => $piece->has(SeamKind::Hem) && $piece->side !== PieceSide::Sleeve,
            FittingPlace::Bust => self::isSideAt($piece, Level::Bust),
            FittingPlace::Waist => self::isSideAt($piece, Level::Waist) || $piece->has(SeamKind::Waist),
            FittingPlace::Hip => self::isSideAt($piece, Level::Hip),
            FittingPlace::SideSeam => $piece->has(SeamKind::Side),
        };
    }

    private static function isSideAt(Piece $piece, Level $level): bool
    {
        return $piece->has(SeamKind::Side) && $piece->reach->holds($level);
    }
}
