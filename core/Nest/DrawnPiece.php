<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A piece whose drawing a pattern can have: each shares the side seam, or a part of it. */
enum DrawnPiece: string
{
    case Front = 'front';
    case Back = 'back';
    case FrontLining = 'front_lining';
    case BackLining = 'back_lining';
    case SkirtFront = 'skirt_front';
    case SkirtBack = 'skirt_back';

    public const ALL = ['front', 'back', 'front_lining', 'back_lining', 'skirt_front', 'skirt_back'];

    public function isFront(): bool
    {
        return in_array($this, [self::Front, self::FrontLining, self::SkirtFront], true);
    }

    public function isSkirt(): bool
    {
        return $this === self::SkirtFront || $this === self::SkirtBack;
    }

    public function words(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** @return list<array{self, self}> which front is sewn to which back */
    public static function pairs(): array
    {
        return [[self::Front, self::Back], [self::SkirtFront, self::SkirtBack], [self::FrontLining, self::BackLining]];
    }
}
