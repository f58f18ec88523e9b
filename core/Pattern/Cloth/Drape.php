<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

/** How a cloth falls. */
enum Drape: string
{
    case Fluid = 'fluid';
    case Medium = 'medium';
    case Crisp = 'crisp';
}
