<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

use Underbolt\Measure\Length;

/** The cloth that one make is cut from. */
final readonly class Cloth
{
    /**
     * @param  ?FabricKind  $kind  null where it isn't said
     * @param  Length  $stretchFrom  what was pulled sideways to try it
     * @param  ?Length  $stretchTo  how far that stretched; not shorter
     * @param  ?float  $percent  of stretch, where that is said in place of the lengths
     * @param  ?Length  $width  at hand
     * @param  list<string>  $have  what of the shopping list is at hand
     */
    public function __construct(
        public string $name,
        public ?FabricKind $kind,
        public Length $stretchFrom,
        public ?Length $stretchTo,
        public ?float $percent,
        public ?Drape $drape,
        public bool $sheer,
        public ?Length $width,
        public array $have,
    ) {
    }

    /** In per cent of what was pulled, to a tenth; null where it wasn't tried. */
    public function stretchPercent(): ?float
    {
        $from = $this->stretchFrom->nanometres;

        return $this->percent ?? ($this->stretchTo === null ? null : round(100 * ($this->stretchTo->nanometres - $from) / $from, 1));
    }
}
