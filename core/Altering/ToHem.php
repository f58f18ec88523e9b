<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** What becomes below the last level of what is changed there; left out, only what goes outward passes on. */
enum ToHem: string
{
    /** It passes below whatever its direction. */
    case Stay = 'stay';

    /** It runs out to nothing at the hem. */
    case Return = 'return';
}
