<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

enum FabricKind: string
{
    case Woven = 'woven';
    case Knit = 'knit';
}
