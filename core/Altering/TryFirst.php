<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** What is cut and tried on before the cloth, where the sewist has chosen it. */
enum TryFirst: string
{
    /** A toile of the bodice alone: it is what must fit. */
    case Bodice = 'bodice';

    /** The lining, tacked: it is the toile, and stays in. */
    case Lining = 'lining';

    public function words(): string
    {
        return match ($this) {
            self::Bodice => 'a toile of the bodice alone',
            self::Lining => 'the lining, tacked',
        };
    }
}
