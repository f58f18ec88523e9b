<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** What is done where one of two seams that are sewn together comes out longer than it was drawn to be. */
enum TrueSeams: string
{
    /** It is held in while it is sewn, where it became longer. */
    case Ease = 'ease';

    /** It is shortened at its hem. */
    case Hem = 'hem';
}
