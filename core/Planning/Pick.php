<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** Who picks the sizes where no clip is set. */
enum Pick: string
{
    case Best = 'best';
    case Level = 'level';

    /** Whether plans picked this way can be computed yet. */
    public function isComputed(): bool
    {
        return $this === self::Level;
    }
}
