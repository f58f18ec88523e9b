<?php

declare(strict_types=1);

namespace Underbolt\Advice;

/** What one school of choosing says at a level, with its reason. */
final readonly class Opinion
{
    /** @param  ?int  $size place in the pattern's list; null where the school can't tell */
    public function __construct(public School $school, public ?int $size, public string $why)
    {
    }
}
