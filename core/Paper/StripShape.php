<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Seam\Curve;
use Underbolt\Seam\SeamDepths;
use Underbolt\Seam\Station;
use Underbolt\Sizing\Sizes;

/** What the strip of one side is drawn from: the pattern's own lines. */
final readonly class StripShape
{
    /** What differs by less is drawn once: 0.2 mm. */
    private const ALIKE_NM = 200_000;

    /**
     * @param  array<int, Curve>  $printed  by size
     * @param  list<Station>  $stations
     * @param  bool  $isCut  whether the lines are cut along as they are drawn: their seam allowance is within
     */
    public function __construct(
        public Sizes $sizes,
        public SeamDepths $depths,
        public Curve $seam,
        public array $printed,
        public array $stations,
        public bool $isCut = false,
    ) {
    }

    /** Whether front and back may be drawn once: their seams and the lines they leave run alike, counted from the underarm. */
    public function isLike(self $other): bool
    {
        if ($this->sizes->known() !== $other->sizes->known() || $this->isCut !== $other->isCut || ! self::runAlike($this->seam, $other->seam)) {
            return false;
        }
        foreach ($this->printed as $size => $line) {
            $own = $other->printed[$size] ?? null;
            // How far the seam stands from it is the same on both.
            if ($own === null || ! self::runAlike($line, $own) || abs(self::apart($this->seam, $line) - self::apart($other->seam, $own)) > self::ALIKE_NM) {
                return false;
            }
        }

        return true;
    }

    private static function runAlike(Curve $one, Curve $other): bool
    {
        foreach ($one->parts as $place => $part) {
            $own = $other->parts[$place] ?? null;
            if ($own === null || abs($part->end - $own->end) > self::ALIKE_NM || abs(($part->outAtEnd - $one->parts[0]->outAtTop) - ($own->outAtEnd - $other->parts[0]->outAtTop)) > self::ALIKE_NM) {
                return false;
            }
        }

        return count($one->parts) === count($other->parts);
    }

    private static function apart(Curve $seam, Curve $line): float
    {
        return ($seam->parts[0]->outAtTop ?? 0) - ($line->parts[0]->outAtTop ?? 0);
    }
}
