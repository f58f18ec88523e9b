<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Length;

/** The cloth that one make is cut from. */
final readonly class Cloth
{
    /** What is pulled to try it, in nanometres: 10 cm. */
    private const TRIED_NM = 100_000_000;

    /**
     * @param  ?FabricKind  $kind  null where it isn't said
     * @param  ?Length  $stretchTo  how far 10 cm stretch sideways
     * @param  ?Length  $width  at hand
     */
    public function __construct(
        public string $name,
        public ?FabricKind $kind,
        public ?Length $stretchTo,
        public ?Drape $drape,
        public bool $sheer,
        public ?Length $width,
    ) {
    }

    /** In per cent of what was pulled; null where it wasn't tried. */
    public function stretchPercent(): ?float
    {
        return $this->stretchTo === null ? null : round(100 * ($this->stretchTo->nanometres - self::TRIED_NM) / self::TRIED_NM, 1);
    }
}
