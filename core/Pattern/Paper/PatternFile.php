<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

/** One file of a pattern that comes as files. */
final readonly class PatternFile
{
    /**
     * @param  ?string  $cup  that it is drawn for; null for all
     * @param  ?string  $range  whose sizes are in it; null for all
     * @param  ?string  $sheet  of paper, such as A4 or A0; null where it isn't said
     */
    public function __construct(public string $name, public ?string $cup, public ?string $range, public ?string $sheet)
    {
    }
}
