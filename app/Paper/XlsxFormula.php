<?php

declare(strict_types=1);

namespace App\Paper;

/** What a spreadsheet works out anew, and what it is now: a reader that works out nothing shows that. */
final readonly class XlsxFormula
{
    public function __construct(public string $formula, public int|float $value)
    {
    }
}
