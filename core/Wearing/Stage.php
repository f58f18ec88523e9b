<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

/** How far a make has come; while none is reached it is planned. */
enum Stage: string
{
    case Traced = 'traced';
    case Blended = 'blended';
    case Toile = 'toile';
    case Cut = 'cut';
    case Worn = 'worn';

    /** The furthest that is ticked; null while the make is only planned. */
    public static function furthest(object $done): ?self
    {
        $reached = array_filter(self::cases(), static fn (self $stage): bool => isset($done->{$stage->value}));

        return array_pop($reached);
    }

    public function words(): string
    {
        return match ($this) {
            self::Traced => 'traced',
            self::Blended => 'line drawn',
            self::Toile => 'toile tried',
            self::Cut => 'cut',
            self::Worn => 'worn',
        };
    }
}
