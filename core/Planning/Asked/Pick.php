<?php

declare(strict_types=1);

namespace Underbolt\Planning\Asked;

use Underbolt\Pattern\Charts\Level;

/** Who picks the sizes where no clip is set. */
enum Pick: string
{
    /** The planner, weighing fit against work. */
    case Best = 'best';

    /** Each level's own school. */
    case Level = 'level';

    /** One size for all levels, as a boxy garment is cut. */
    case OneSize = 'one_size';
}
