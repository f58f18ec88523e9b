<?php

declare(strict_types=1);

namespace Underbolt\Seam;

/** The stations that are laid on paper, front and back at the same depths. */
final readonly class StationTable
{
    /**
     * @param  list<Station>  $front
     * @param  ?list<Station>  $back  where the back is cut unlike the front
     * @param  bool  $isFromNest  whether they were read off the pattern's own lines, not reckoned from its figures
     */
    public function __construct(public array $front, public ?array $back, public bool $isFromNest)
    {
    }
}
