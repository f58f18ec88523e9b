<?php

declare(strict_types=1);

namespace Underbolt\Work\Pictures;

/** What a stroke of a step's picture stands for. */
enum Pen: string
{
    /** Paper as it was, with its outline. */
    case Paper = 'paper';

    /** A line as it is printed. */
    case Printed = 'printed';

    /** What the step makes. */
    case Made = 'made';

    /** Where scissors or a fold go. */
    case Cut = 'cut';

    /** Paper put in between, or lying over itself. */
    case Between = 'between';
}
