<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Charts\Level;

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

    /** @return list<Piece> the pieces such a garment usually has (common practice, no published source) */
    public function usualPieces(): array
    {
        return array_map(static fn (array $piece): Piece => new Piece($piece[0], $piece[1]), match ($this) {
            self::Dress => [
                ...self::bodice(),
                ['skirt front', Follows::WaistAndHip],
                ['skirt back', Follows::WaistAndHip],
                ['sleeve', Follows::Frame],
                ['neck facing', Follows::Frame],
                ['pocket', Follows::OneSize],
            ],
            self::Top => [...self::bodice(), ['sleeve', Follows::Frame], ['collar', Follows::Frame], ['button band', Follows::Frame]],
            self::KnitTop => [...self::bodice(), ['sleeve', Follows::Frame], ['neck band', Follows::Frame]],
            self::Coat => [
                ...self::bodice(),
                ['sleeve', Follows::Frame],
                ['collar', Follows::Frame],
                ['front facing', Follows::Frame],
                ['pocket', Follows::OneSize],
            ],
            self::Skirt => [
                ['front', Follows::WaistAndHip],
                ['back', Follows::WaistAndHip],
                ['waistband', Follows::Waist],
                ['pocket', Follows::OneSize],
            ],
            self::Trousers => [
                ['front', Follows::WaistAndHip],
                ['back', Follows::WaistAndHip],
                ['waistband', Follows::Waist],
                ['fly', Follows::OneSize],
                ['pocket', Follows::OneSize],
            ],
        });
    }

    /** @return list<array{string, Follows}> */
    private static function bodice(): array
    {
        return [['front', Follows::AllLevels], ['back', Follows::AllLevels]];
    }
}
