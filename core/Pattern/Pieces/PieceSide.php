<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Pieces;

/** Where a piece lies on the garment. */
enum PieceSide: string
{
    case Front = 'front';
    case Back = 'back';

    /** All round: it has a front edge and a back edge. */
    case Both = 'both';

    case Sleeve = 'sleeve';
    case None = 'none';

    /** @param  self  $side  front or back */
    public function isOn(self $side): bool
    {
        return $side === self::Front ? $this->isFront() : $this->isBack();
    }

    public function isFront(): bool
    {
        return $this === self::Front || $this === self::Both;
    }

    public function isBack(): bool
    {
        return $this === self::Back || $this === self::Both;
    }
}
