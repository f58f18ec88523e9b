<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\Sizes;

/** The sizes in front and at the back, where they are cut unlike so that the sum stays (trade: bodies that carry more in front). */
final readonly class FrontBack
{
    /** @param  list<Level>  $cutShort  where the list of sizes ends before front and back are as unlike as was asked */
    private function __construct(public Sizes $front, public Sizes $back, public array $cutShort)
    {
    }

    /**
     * @param  non-empty-list<int>  $inPlay  places of the sizes that can be combined, rising
     * @param  callable(Level): int  $larger  by how many sizes the front is larger and the back smaller
     */
    public static function of(Sizes $sizes, array $inPlay, callable $larger): self
    {
        $front = $back = $sizes;
        $short = [];
        foreach ($sizes->known() as $name => $size) {
            $level = Level::from($name);
            $asked = $larger($level);
            $place = (int) array_search($size, $inPlay, true);
            // Both stop where one of them has no further size: else the sum would change.
            $room = min($place, count($inPlay) - 1 - $place);
            $shift = max(-$room, min($room, $asked));
            $front = $front->with($level, $inPlay[$place + $shift]);
            $back = $back->with($level, $inPlay[$place - $shift]);
            if ($shift !== $asked) {
                $short[] = $level;
            }
        }

        return new self($front, $back, $short);
    }

    /**
     * The same with the levels that are drawn without a measure, on each side from its own sizes.
     *
     * @param  callable(Sizes): Sizes  $drawn
     */
    public function with(callable $drawn): self
    {
        return new self($drawn($this->front), $drawn($this->back), $this->cutShort);
    }

    /** @return list<Level> the levels at which front and back are unlike, from the top down */
    public function unlike(): array
    {
        return array_values(array_filter(Level::cases(), fn (Level $level): bool => $this->front->at($level) !== $this->back->at($level)));
    }
}
