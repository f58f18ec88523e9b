<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cups\FinishedFor;

/** What the envelope says of finished figures beyond one row for all: views, fits, and what the tissue had to tell. */
final readonly class FinishedParts
{
    /**
     * @param  list<string>  $views  what can be made from the envelope
     * @param  list<string>  $fits  the shapes it is drawn for, such as three hips
     * @param  list<FinishedFor>  $only  figures that hold for some of them
     * @param  array<value-of<Level>|'bicep', FlatCheck>  $flat  rows that are measured on the tissue, by level or `bicep`
     */
    public function __construct(public array $views = [], public array $fits = [], public array $only = [], public array $flat = [])
    {
    }
}
