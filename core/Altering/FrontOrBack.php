<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Pattern\Pieces\PieceSide;

/** Whether something is changed in front, at the back, or on both. */
enum FrontOrBack: string
{
    case Front = 'front';
    case Back = 'back';
    case Both = 'both';

    public function words(): string
    {
        return match ($this) {
            self::Front => 'in front',
            self::Back => 'at the back',
            self::Both => 'front and back',
        };
    }

    /** @param  PieceSide  $side  front or back */
    public function isOn(PieceSide $side): bool
    {
        return $side === PieceSide::Front ? $this->isFront() : $this->isBack();
    }

    public function isFront(): bool
    {
        return $this !== self::Back;
    }

    public function isBack(): bool
    {
        return $this !== self::Front;
    }
}
