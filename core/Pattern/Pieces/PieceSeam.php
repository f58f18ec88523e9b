<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** One seam or edge of a piece. */
final readonly class PieceSeam
{
    /** @param  ?SeamAt  $at  where a cross seam lies; null for the waist, and for every other kind */
    public function __construct(public SeamKind $kind, public ?SeamAt $at = null, public Joins $joins = Joins::Plain)
    {
    }
}
