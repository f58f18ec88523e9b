<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Brick\Math\BigRational;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\SeamDepths;

/** What the levels that are not free hand on to a free one: it follows the line between them and beyond. */
final readonly class Passing
{
    /** @param  array<string, LevelChange>  $fixed  of the levels not free, from the top down */
    public function __construct(private array $fixed, private SeamDepths $depths, private ?ToHem $toHem)
    {
    }

    /** @param  bool  $isFound  whether a fitting found something at the level itself: then none that was found elsewhere comes there as well */
    public function at(Level $level, bool $isFound): LevelChange
    {
        return $isFound
            ? (new self(array_map(static fn (LevelChange $change): LevelChange => $change->withoutByHand(), $this->fixed), $this->depths, $this->toHem))->handedTo($level)
            : $this->handedTo($level);
    }

    private function handedTo(Level $level): LevelChange
    {
        $place = array_search($level, Level::cases(), true);
        $above = $below = null;
        foreach (Level::cases() as $i => $other) {
            if (isset($this->fixed[$other->value])) {
                $above = $i < $place ? $other : $above;
                $below ??= $i > $place ? $other : null;
            }
        }

        return match (true) {
            $above === null => $below === null ? LevelChange::none() : $this->fixed[$below->value],
            $below === null => $this->beyond($level, $above),
            default => $this->fixed[$above->value]->towards($this->fixed[$below->value], $this->share($level, $above, $this->depths->of($below))),
        };
    }

    /** Below the last level that is not free. */
    private function beyond(Level $level, Level $last): LevelChange
    {
        $change = $this->fixed[$last->value];
        $end = $this->toHem === ToHem::Return ? $this->depths->runsOut() : null;
        if ($end !== null) {
            return $change->towards(LevelChange::none(), $this->share($level, $last, $end));
        }

        return $this->toHem === ToHem::Stay || $change->isOutward() ? $change : LevelChange::none();
    }

    /** How much of the way down from a level is done, by depth; half where a depth isn't known. */
    private function share(Level $level, Level $from, ?Length $end): BigRational
    {
        [$top, $here] = [$this->depths->of($from), $this->depths->of($level)];
        $way = $top === null ? null : $end?->minus($top);
        if ($top === null || $here === null || $way === null || ! $way->isPositive()) {
            return BigRational::nd(1, 2);
        }

        return BigRational::nd($here->minus($top)->nanometres, $way->nanometres);
    }
}
