<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Pattern\Charts\Level;

/** The stations that are laid on paper, front and back at the same depths. */
final readonly class StationTable
{
    /**
     * @param  list<Station>  $front
     * @param  ?list<Station>  $back  where the back is cut unlike the front
     * @param  bool  $isFromNest  whether they were read off the pattern's own lines, not reckoned from its figures
     * @param  list<Level>  $straightFront  the levels to which the front's seam runs straight from the one above, as far as its shape is known
     * @param  list<Level>  $straightBack  likewise
     */
    public function __construct(public array $front, public ?array $back, public bool $isFromNest, public array $straightFront = [], public array $straightBack = [])
    {
    }
}
