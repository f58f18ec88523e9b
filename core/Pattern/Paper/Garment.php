<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Pattern\Pieces\PieceWords;

/** The kind of garment a pattern makes, and so which levels it has at all. */
enum Garment: string
{
    case Dress = 'dress';
    case Top = 'top';
    case Skirt = 'skirt';
    case Trousers = 'trousers';
    case KnitTop = 'knit_top';
    case Coat = 'coat';

    /** @return list<Level> from the top down; what is not here is absent, whatever the envelope prints */
    public function levels(): array
    {
        return match ($this) {
            self::Skirt, self::Trousers => [Level::Waist, Level::Hip],
            default => Level::cases(),
        };
    }

    public function name(): string
    {
        return $this === self::KnitTop ? 'knit top' : $this->value;
    }

    /**
     * The pieces such a garment usually has (common practice, no published source).
     *
     * @param  bool  $isPulledOn  then nothing opens, and nothing stands round the neck that has to
     * @param  string  $pattern  its name: where that says sleeveless it has no sleeves
     * @return list<Piece>
     */
    public function usualPieces(bool $isPulledOn = false, bool $isKnit = false, string $pattern = ''): array
    {
        $hasSleeve = ! (new PieceWords($pattern))->say('sleeveless');
        $names = array_values(array_filter(
            $this->usualNames(),
            static fn (string $name): bool => match ($name) {
                'sleeve' => $hasSleeve,
                'collar', 'button band', 'front facing', 'fly' => ! $isPulledOn,
                default => true,
            },
        ));
        $shape = GarmentShape::of(in_array(Level::Bust, $this->levels(), true), $isKnit || $this === self::KnitTop, $pattern, $names);

        return array_map(static fn (string $name): Piece => PieceProposal::of($name, $shape), $names);
    }

    /** @return list<string> */
    private function usualNames(): array
    {
        return match ($this) {
            self::Dress => ['bodice front', 'bodice back', 'skirt front', 'skirt back', 'sleeve', 'neck facing', 'pocket'],
            self::Top => ['front', 'back', 'sleeve', 'collar', 'button band'],
            self::KnitTop => ['front', 'back', 'sleeve', 'neck band'],
            self::Coat => ['front', 'back', 'sleeve', 'collar', 'front facing', 'pocket'],
            self::Skirt => ['front', 'back', 'waistband', 'pocket'],
            self::Trousers => ['front', 'back', 'waistband', 'fly', 'pocket'],
        };
    }
}
