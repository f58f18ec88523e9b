<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;

/** A finished figure taken from the tissue of one size, where the envelope prints none or another (trade: "flat pattern check"). */
final readonly class FlatCheck
{
    /** Print and tissue that differ by more are told side by side: 6 mm (common practice, no published source). */
    private const APART_NM = 6_000_000;

    /** A quarter more or less than is printed is a panel that was forgotten or counted twice. */
    private const WHOLE_WITHIN = 0.25;

    /**
     * @param  ChartRow  $row  the finished row that it is a figure of; the upper arm's is one sleeve laid flat
     * @param  int  $size  the size whose lines were measured, as a place in the pattern's list
     * @param  non-empty-list<FlatPanel>  $panels
     * @param  Counts  $counts  where the envelope prints another figure
     * @param  ?Length  $printed  what the envelope prints for that size; null where it prints none
     */
    public function __construct(
        public ChartRow $row,
        public int $size,
        public array $panels,
        public Length $seamAllowance,
        public Counts $counts = Counts::Tissue,
        public ?Length $printed = null,
    ) {
    }

    public function beside(?Length $printed): self
    {
        return new self($this->row, $this->size, $this->panels, $this->seamAllowance, $this->counts, $printed);
    }

    /** Whether print and tissue are so far apart that both are told. */
    public function differs(): bool
    {
        return $this->printed !== null && $this->finished()->minus($this->printed)->abs()->nanometres > self::APART_NM;
    }

    /** Whether all panels seem to be measured: half a garment is no figure of it. */
    public function isComplete(): bool
    {
        return $this->printed === null || abs($this->finished()->nanometres / $this->printed->nanometres - 1) < self::WHOLE_WITHIN;
    }

    /** Whether the tissue's figure is the one that counts. */
    public function isUsed(): bool
    {
        return $this->printed === null || ($this->differs() && $this->isComplete() && $this->counts === Counts::Tissue);
    }

    /** The garment's girth on the stitching line. */
    public function finished(): Length
    {
        return Length::ofNanometres(
            array_sum(array_map(fn (FlatPanel $panel): int => $panel->girth($this->seamAllowance)->nanometres, $this->panels)),
        );
    }

    /**
     * The printed row, moved by what the tissue has more or less: the steps between sizes stay as they are printed.
     *
     * @return list<?Length>
     */
    public function moved(Chart $printed, int $sizes): array
    {
        $more = $this->printed === null ? Length::zero() : $this->finished()->minus($this->printed);

        return array_map(fn (int $size): ?Length => $printed->at($this->row, $size)?->plus($more), range(0, $sizes - 1));
    }

    /**
     * The figures of all sizes: the others follow the steps of the body chart.
     *
     * @return list<?Length> null where the body chart prints no step to follow
     */
    public function allSizes(Chart $body, int $sizes): array
    {
        $measured = $body->at($this->row, $this->size);
        $finished = $this->finished();

        return array_map(function (int $size) use ($body, $measured, $finished): ?Length {
            if ($size === $this->size) {
                return $finished;
            }

            return $measured === null ? null : $body->at($this->row, $size)?->minus($measured)->plus($finished);
        }, range(0, $sizes - 1));
    }
}
