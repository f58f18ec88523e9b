<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

/** The ways to choose all sizes, in the order in which they are shown. */
enum AlternativeName: string
{
    case Best = 'best';
    case OneSize = 'one_size';
    case Closest = 'closest';

    /** The bust keeps its size; below it the finished garment has room. */
    case ByFinished = 'by_finished';

    /** The bust nearer the waist, adjusted. */
    case Nearer = 'nearer';

    /** Only sizes of envelopes that are owned, where the best needs another one. */
    case Owned = 'owned';
}
