<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/** How deep below the underarm each level lies along the side seam, on the changed paper; null where unknown. */
final readonly class SeamDepths
{
    public function __construct(public ?Length $waist, public ?Length $hip, public ?Length $hem)
    {
    }

    /**
     * The depths of those levels that are planned, as far as they are known.
     *
     * @param  array<string, mixed>  $levels  by level
     * @return array<string, Length> from the top down
     */
    public function at(array $levels): array
    {
        $known = ['bust' => Length::zero(), 'waist' => $this->waist, 'hip' => $this->hip];

        return array_filter(array_intersect_key($known, $levels), static fn (?Length $depth): bool => $depth !== null);
    }

    /** How far down the seam is known. */
    public function end(): ?Length
    {
        return $this->hem ?? $this->hip ?? $this->waist;
    }
}
