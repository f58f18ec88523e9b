<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

/** What is done at a level beside following its line, in words and for a translation. */
final readonly class Done
{
    /** @param  array<string, string>  $params */
    public function __construct(public string $code, public string $text, public array $params = [])
    {
    }
}
