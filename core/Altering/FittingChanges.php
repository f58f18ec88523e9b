<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\EdgeChange;

/** What fittings found, as the paper takes it: into the line, into the lengths, sewn in the seam, and whatever is neither. */
final readonly class FittingChanges
{
    /**
     * @param  array<string, EdgeChange>  $edges  by level
     * @param  LengthsByHand  $lengths  what comes to each length; null where nothing does
     * @param  list<FittingFinding>  $apart  those that are neither in the line nor in a length: each is a step of its own
     * @param  array<string, Length>  $sewn  by level, what each edge of the side seams gets by being sewn otherwise: wider above 0
     */
    public function __construct(private array $edges = [], public LengthsByHand $lengths = new LengthsByHand, public array $apart = [], private array $sewn = [])
    {
    }

    public function isFoundAt(Level $level): bool
    {
        return isset($this->edges[$level->value]);
    }

    public function at(Level $level): EdgeChange
    {
        return $this->edges[$level->value] ?? EdgeChange::none();
    }

    public function sewnAt(Level $level): Length
    {
        return $this->sewn[$level->value] ?? Length::zero();
    }

    /** All round. */
    public function sewnRound(Level $level): Length
    {
        return Length::ofNanometres(EdgeChange::SIDE_EDGES * $this->sewnAt($level)->nanometres);
    }
}
