<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\Level;

/** A finished figure taken from the tissue of one size, where the envelope prints none (trade: "flat pattern check"). */
final readonly class FlatCheck
{
    /**
     * @param  int  $size  the size whose lines were measured, as a place in the pattern's list
     * @param  non-empty-list<FlatPanel>  $panels
     */
    public function __construct(public Level $level, public int $size, public array $panels, public Length $seamAllowance)
    {
    }

    /** The garment's girth on the stitching line. */
    public function finished(): Length
    {
        return Length::ofNanometres(
            array_sum(array_map(fn (FlatPanel $panel): int => $panel->girth($this->seamAllowance)->nanometres, $this->panels)),
        );
    }

    /**
     * The figures of all sizes: the others follow the steps of the body chart.
     *
     * @return list<?Length> null where the body chart prints no step to follow
     */
    public function row(Chart $body, int $sizes): array
    {
        $measured = $body->at($this->level->row(), $this->size);
        $finished = $this->finished();

        return array_map(function (int $size) use ($body, $measured, $finished): ?Length {
            if ($size === $this->size) {
                return $finished;
            }

            return $measured === null ? null : $body->at($this->level->row(), $size)?->minus($measured)->plus($finished);
        }, range(0, $sizes - 1));
    }
}
