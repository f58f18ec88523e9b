<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** Where the point of a label lies in its text. */
enum Anchor: string
{
    case Start = 'start';
    case Middle = 'middle';
    case End = 'end';
}
