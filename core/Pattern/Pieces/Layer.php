<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** What a piece is cut of, and for what. */
enum Layer: string
{
    case Outer = 'outer';
    case Lining = 'lining';
    case Facing = 'facing';
    case Interfacing = 'interfacing';
    case Band = 'band';
    case Binding = 'binding';

    /** Pockets, flaps, loops: what no seam of the garment changes. */
    case Other = 'other';

    /** Whether it gets what its side seam gets wherever it reaches: facings and interfacings do where they have one. */
    public function isCloth(): bool
    {
        return $this === self::Outer || $this === self::Lining;
    }

    /** Whether it is a strip sewn on to an edge. */
    public function isStrip(): bool
    {
        return $this === self::Band || $this === self::Binding;
    }
}
