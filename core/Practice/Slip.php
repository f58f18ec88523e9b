<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** What goes wrong with a tape, in the order in which the shares are counted. */
enum Slip: string
{
    case Board = 'board';
    case Arms = 'arms';
    case Place = 'place';
    case Slant = 'slant';
    case Breath = 'breath';
    case Pull = 'pull';
    case Cloth = 'cloth';
    case Fingers = 'fingers';
    case Stretched = 'stretched';
    case End = 'end';
}
