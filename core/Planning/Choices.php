<?php

declare(strict_types=1);

namespace Underbolt\Planning;

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
     * @param  ?string  $view  which of the pattern's views is made; null where it has none, or it isn't chosen
     */
    public function __construct(
        public ?string $range,
        public BetweenRule $between,
        public Lead $lead,
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
    ) {
    }

    public function likedEase(Level $level): ?Length
    {
        return $this->likedEase[$level->value] ?? null;
    }

    public function leastEase(Level $level): ?Length
    {
        return $this->leastEase[$level->value] ?? null;
    }

    public function clip(Level $level): ?int
    {
        return $this->clips[$level->value] ?? null;
    }
}
