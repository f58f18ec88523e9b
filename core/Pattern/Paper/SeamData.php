<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;

/** What the paper says about the side seam, measured on the unchanged pattern along the body. */
final readonly class SeamData
{
    private const TWO_SEAMS = 4;

    /**
     * @param  array<string, positive-int>  $edges  cut edges that share what is left over, by level; 4 where none is given
     * @param  array<string, positive-int>  $nestEdges  edges between which the sizes differ on paper, likewise
     * @param  ?Length  $waistToHemEdge  from the waist to the cut edge of the hem, where the paper says that instead of `hipToHem`
     * @param  ?Length  $hipToHem  from the hip level to the cut edge of the hem
     * @param  bool  $leans  whether it leans more than 40 degrees, as on a flare: then moves are square to it
     * @param  list<UsualLengths>  $guessed  lengths that nobody has measured
     * @param  array<string, list<?Length>>  $bySize  lengths that differ from size to size, by their key in the make file; such a one has no single figure
     * @param  ?Length  $sleeveLength  from the shoulder bone to the cut edge of the sleeve
     */
    public function __construct(
        private array $edges = [],
        public ?Length $underarmToWaist = null,
        public ?Length $shoulderToWaist = null,
        public ?Length $waistToHip = null,
        public ?Length $hipToHem = null,
        public ?Length $seamAllowance = null,
        public ?Length $hemAllowance = null,
        public ?Length $sleeveLength = null,
        public ?Length $sleeveHemAllowance = null,
        public ?Length $waistToHemEdge = null,
        private array $nestEdges = [],
        public bool $leans = false,
        public array $guessed = [],
        private array $bySize = [],
    ) {
    }

    /**
     * The same as the sizes that are cut have it: down to the waist by the size at the bust, below it by the one at the hip.
     * Sizes are places in the pattern's list.
     */
    public function in(?int $above, ?int $below): self
    {
        if ($this->bySize === []) {
            return $this;
        }
        $at = fn (string $key, ?int $size, ?Length $single): ?Length => isset($this->bySize[$key]) ? $this->bySize[$key][$size ?? -1] ?? null : $single;

        return new self(
            edges: $this->edges,
            underarmToWaist: $at('underarm_to_waist', $above, $this->underarmToWaist),
            shoulderToWaist: $this->shoulderToWaist,
            waistToHip: $at('waist_to_hip', $below, $this->waistToHip),
            hipToHem: $at('hip_to_hem', $below, $this->hipToHem),
            seamAllowance: $this->seamAllowance,
            hemAllowance: $this->hemAllowance,
            sleeveLength: $this->sleeveLength,
            sleeveHemAllowance: $this->sleeveHemAllowance,
            waistToHemEdge: $at('waist_to_hem_edge', $below, $this->waistToHemEdge),
            nestEdges: $this->nestEdges,
            leans: $this->leans,
            guessed: $this->guessed,
        );
    }

    /** Whether a length is printed, one for all sizes or by size. */
    public function prints(string $key): bool
    {
        return isset($this->bySize[$key]) || match ($key) {
            'underarm_to_waist' => $this->underarmToWaist,
            'waist_to_hip' => $this->waistToHip,
            'hip_to_hem' => $this->hipToHem,
            'waist_to_hem_edge' => $this->waistToHemEdge,
            default => null,
        } !== null;
    }

    /** A length of the blend, where somebody has measured it; a guess tells nothing of a drawing. */
    public function measured(UsualLengths $which): ?Length
    {
        return in_array($which, $this->guessed, true) ? null : match ($which) {
            UsualLengths::UnderarmToWaist => $this->underarmToWaist,
            UsualLengths::WaistToHip => $this->waistToHip,
        };
    }

    /** @return positive-int two side seams have four cut edges */
    public function edgesAt(Level $level): int
    {
        return $this->edges[$level->value] ?? self::TWO_SEAMS;
    }

    /** @return positive-int */
    public function nestEdgesAt(Level $level): int
    {
        return $this->nestEdges[$level->value] ?? self::TWO_SEAMS;
    }
}
