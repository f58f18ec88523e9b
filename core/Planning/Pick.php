<?php

declare(strict_types=1);

namespace Underbolt\Planning;

/** Who picks the sizes where no clip is set. */
enum Pick: string
{
    /** The planner, weighing fit against work. */
    case Best = 'best';

    /** Each level's own school. */
    case Level = 'level';
}
