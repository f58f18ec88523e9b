<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\BetweenRule;
use Underbolt\Pattern\Level;
use Underbolt\Seam\BlendShape;
use Underbolt\Sizing\EaseSchool;

/** What the sewist decided for one make. */
final readonly class Choices
{
    /**
     * @param  array<string, Length>  $likedEase  by level
     * @param  array<string, Length>  $leastEase  by level; the fabric's own where none is given
     * @param  array<string, int>  $clips  sizes set by hand, by level, as places in the pattern's list
     * @param  int<0, max>  $largestStep  sizes between neighbouring levels that need no caution
     * @param  Length  $dwell  how far below the waist the line leaves the waist size
     * @param  Length  $stationEvery  above 0
     * @param  ?Lead  $lead  null leaves it to the body and the pattern
     * @param  array<string, Length>  $ownGarment  flat widths of a garment that fits well, by level
     * @param  array<string, int>  $frontLarger  by how many sizes the front is larger and the back smaller, by level
     * @param  array<string, Length>  $centreBack  how much of the left-over goes to the centre back alone, by level
     * @param  ?WorkOrder  $order  null leaves it to how far the waist moves
     * @param  ?string  $view  which of the pattern's views is made; null where it has none, or it isn't chosen
     */
    public function __construct(
        public ?string $range,
        public BetweenRule $between,
        public ?Lead $lead,
        public EaseSchool $ease,
        public Pick $pick,
        private array $likedEase,
        private array $leastEase,
        private array $clips,
        public int $largestStep,
        public BlendShape $blend,
        public Length $dwell,
        public Length $stationEvery,
        public ?string $view = null,
        public ?string $fit = null,
        private array $ownGarment = [],
        public CostWeights $weights = new CostWeights,
        private array $frontLarger = [],
        private array $centreBack = [],
        public ?WorkOrder $order = null,
    ) {
    }

    /** What was said, else what a garment that fits well has there: its flat width, doubled, less the body. */
    public function likedEase(Level $level, Length $body): ?Length
    {
        $flat = $this->ownGarment[$level->value] ?? null;

        return $this->likedEase[$level->value] ?? $flat?->plus($flat)->minus($body);
    }

    public function leastEase(Level $level): ?Length
    {
        return $this->leastEase[$level->value] ?? null;
    }

    /** By how many sizes the front is cut larger than the size, and the back smaller; below 0 the other way. */
    public function frontLarger(Level $level): int
    {
        return $this->frontLarger[$level->value] ?? 0;
    }

    public function centreBack(Level $level): ?Length
    {
        return $this->centreBack[$level->value] ?? null;
    }

    public function clip(Level $level): ?int
    {
        return $this->clips[$level->value] ?? null;
    }
}
