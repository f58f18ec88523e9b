<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;

/** A garment that fits its wearer, laid flat and measured across. */
final readonly class OwnGarment
{
    /**
     * @param  ?Garment  $garment  its kind; null where it wasn't said
     * @param  array<string, Length>  $flat  widths, by level
     */
    public function __construct(public string $name, public ?Garment $garment, public FabricKind $cloth, private array $flat)
    {
    }

    public function flatAt(Level $level): ?Length
    {
        return $this->flat[$level->value] ?? null;
    }

    /** Twice its width, less the body; null where either isn't known. */
    public function easeAt(Level $level, Body $body): ?Length
    {
        $girth = $level->girthOf($body);
        $flat = $this->flatAt($level);

        return $girth === null || $flat === null ? null : $flat->plus($flat)->minus($girth);
    }
}
