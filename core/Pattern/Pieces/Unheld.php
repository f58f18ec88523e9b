<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** What a garment can have that its pieces and seams don't tell: it is said at the cutting table, and nothing is reckoned from it but a radius. */
enum Unheld: string
{
    case Wrap = 'wrap';
    case HalfCircle = 'half circle';
    case FullCircle = 'full circle';
    case Godet = 'godet';
    case Hood = 'hood';
    case Yoke = 'yoke';

    /**
     * @param  string  $pattern  its name
     * @param  list<Piece>  $pieces
     * @return list<self> as its names say
     */
    public static function in(string $pattern, array $pieces): array
    {
        $words = array_map(static fn (string $name): PieceWords => new PieceWords($name), [$pattern, ...array_map(static fn (Piece $piece): string => $piece->name, $pieces)]);

        $found = array_filter(self::cases(), static fn (self $one): bool => array_filter($words, static fn (PieceWords $name): bool => $name->say($one->value)) !== []);

        // "Half circle skirt" says "circle skirt" as well.
        return array_values(array_filter($found, static fn (self $one): bool => $one !== self::FullCircle || ! in_array(self::HalfCircle, $found, true)));
    }

    /** How much of a circle the skirt is; null where it is none. */
    public function ofCircle(): ?float
    {
        return match ($this) {
            self::HalfCircle => 0.5,
            self::FullCircle => 1.0,
            default => null,
        };
    }
}
