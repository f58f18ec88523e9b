<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\Sizes;

/** How deep below the underarm each level lies along the side seam, on the paper as it is drawn on; null where unknown. */
final readonly class SeamDepths
{
    /** @param  ?Length  $edge  where a change that returns to the hem has run out, the way the paper measures its hem; the hem where it is left out */
    public function __construct(public ?Length $waist, public ?Length $hip, public ?Length $hem, private ?Length $edge = null)
    {
    }

    public function of(Level $level): ?Length
    {
        return match ($level) {
            Level::Bust => Length::zero(),
            Level::Waist => $this->waist,
            Level::Hip => $this->hip,
        };
    }

    /** Where a change that returns to the hem runs out; null where no hem is known below the hip. */
    public function runsOut(): ?Length
    {
        $edge = $this->edge ?? $this->hem;

        return $edge !== null && $this->hip?->isLessThan($edge) === true ? $edge : null;
    }

    /**
     * The depths of those levels that are planned, as far as they are known.
     *
     * @return array<string, Length> by level from the top down
     */
    public function at(Sizes $sizes): array
    {
        $known = ['bust' => Length::zero(), 'waist' => $this->waist, 'hip' => $this->hip];

        return array_filter(array_intersect_key($known, $sizes->known()), static fn (?Length $depth): bool => $depth !== null);
    }

    /** @return array<int, string> the level that lies at a depth, by depth in nanometres; the lower one where two meet */
    public function levels(): array
    {
        $levels = [0 => 'bust'];
        foreach (['waist' => $this->waist, 'hip' => $this->hip] as $name => $depth) {
            if ($depth !== null) {
                $levels[$depth->nanometres] = $name;
            }
        }

        return $levels;
    }

    /** How far down the seam is known. */
    public function end(): ?Length
    {
        return $this->hem ?? $this->hip ?? $this->waist;
    }
}
