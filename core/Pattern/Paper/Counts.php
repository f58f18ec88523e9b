<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

/** Which of two figures counts where envelope and tissue disagree. */
enum Counts: string
{
    /** What lies on the table is what is cut. */
    case Tissue = 'tissue';

    case Print = 'print';
}
