<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\EdgeChange;

/** What fittings found, as the paper takes it: into the line, into the lengths, and whatever is neither as steps. */
final readonly class FittingChanges
{
    /**
     * @param  array<string, EdgeChange>  $edges  by level
     * @param  LengthsByHand  $lengths  what comes to each length; null where nothing does
     * @param  list<WorkStep>  $steps
     */
    public function __construct(private array $edges = [], public LengthsByHand $lengths = new LengthsByHand, public array $steps = [])
    {
    }

    public function at(Level $level): EdgeChange
    {
        return $this->edges[$level->value] ?? EdgeChange::none();
    }
}
