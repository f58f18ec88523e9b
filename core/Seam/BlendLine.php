<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;

/** The new side seam from the underarm to the hem, as its parts. */
final readonly class BlendLine
{
    /**
     * @param  ?BlendSegment  $upper  bust to waist; null where one of the two is not known
     * @param  ?BlendSegment  $lower  waist to hip and on to the hem; likewise
     */
    public function __construct(public SeamDepths $depths, private ?BlendSegment $upper, private ?BlendSegment $lower)
    {
    }

    /**
     * Stations every so far from the underarm to the hem, and at the levels.
     *
     * @param  Length  $every  above 0
     * @return list<Station>
     */
    public function stations(Length $every): array
    {
        $end = $this->depths->end();
        if ($end === null) {
            return [];
        }
        $levels = $this->levels();
        $depths = array_keys($levels);
        for ($depth = 0; $depth <= $end->nanometres; $depth += $every->nanometres) {
            $depths[] = $depth;
        }
        $depths = array_unique(array_filter($depths, static fn (int $depth): bool => $depth <= $end->nanometres));
        sort($depths);

        return array_map(fn (int $depth): Station => $this->station(Length::ofNanometres($depth), $levels[$depth] ?? null), $depths);
    }

    /** The part a depth belongs to; the waist itself belongs to the part above it. */
    public function segmentAt(Length $depth): ?BlendSegment
    {
        $belowWaist = $this->depths->waist === null || $this->depths->waist->isLessThan($depth);
        $wholeLower = $this->upper === null && $this->lower?->top->compare($depth) === 0;

        return $belowWaist || $wholeLower ? $this->lower : $this->upper;
    }

    private function station(Length $depth, ?string $level): Station
    {
        return $this->segmentAt($depth)?->station($depth, $level) ?? new Station($depth, null, null, null, null, $level);
    }

    /** @return array<int, string> the level that lies at a depth, by depth in nanometres; the upper one where two meet */
    private function levels(): array
    {
        $levels = [];
        foreach (['hem' => $this->depths->hem, 'hip' => $this->depths->hip, 'waist' => $this->depths->waist] as $name => $depth) {
            if ($depth !== null) {
                $levels[$depth->nanometres] = $name;
            }
        }

        return $levels + [0 => 'bust'];
    }
}
