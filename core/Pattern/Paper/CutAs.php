<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

/** How a garment is meant to be cut: each level in its own size, or all in one (trade: a boxy top). */
enum CutAs: string
{
    case Blended = 'blended';
    case OneSize = 'one_size';
}
