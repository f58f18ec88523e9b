<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cloth;

/** The kind of cloth a pattern is drafted for. */
final readonly class DraftedFor
{
    /** @param  float  $stretchPercent how far it stretches sideways, 0 to 200 per cent; 0 for most wovens */
    public function __construct(public FabricKind $kind, public float $stretchPercent)
    {
    }

    public static function woven(): self
    {
        return new self(FabricKind::Woven, 0.0);
    }
}
