<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

enum FabricKind: string
{
    case Woven = 'woven';
    case Knit = 'knit';
}
