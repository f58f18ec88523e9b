<?php

declare(strict_types=1);

namespace Underbolt\Advice;

/** Where a sewist goes to mend what a caution tells. */
enum Mending: string
{
    /** On the card: the point is measured, or measured again. */
    case Measuring = 'measuring';

    /** Among the other ways of the plan: brought nearer, or inside what is owned. */
    case OtherWay = 'other_way';

    /** Among the choices of the make: a length set by hand. */
    case Length = 'length';

    case Pattern = 'pattern';
    case Cloth = 'cloth';
}
