<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

/** What a cup was read from. */
enum CupSource: string
{
    case Pattern = 'pattern';
    case RuleOfThumb = 'rule of thumb';
}
