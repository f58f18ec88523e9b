<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cups\Cups;
use Underbolt\Pattern\Cups\FinishedFor;
use Underbolt\Pattern\Paper\CutAs;
use Underbolt\Pattern\Paper\FinishedParts;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Paper\Notes;
use Underbolt\Pattern\Paper\PrintedLengths;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Pattern\Paper\SeamData;
use Underbolt\Pattern\Pieces\Piece;

/** A pattern as it was bought: its envelopes, its charts, and what the paper says. */
final readonly class Pattern
{
    /** More sizes than any house prints on one tissue. */
    public const MOST_SIZES = 60;

    /**
     * @param  non-empty-list<string>  $sizes  unique names, the smallest size first
     * @param  non-empty-list<Range>  $ranges
     * @param  Chart  $finished  as printed for every view, fit and cup, with the rows taken from the tissue
     * @param  array<string, Weight>  $weights  by level; `matters` where none is given
     * @param  ?Garment  $garment  null where it isn't said: then it has every level the body chart has a row for
     * @param  ?BetweenRule  $between  the house's rule for a measure between two sizes; null where it isn't known
     * @param  array<string, Length>  $leastEase  by level, where the pattern asks for other than the fabric's usual
     * @param  array<int, string>  $alsoCalled  second names of sizes, as other countries have them, by place
     * @param  bool  $pulledOn  whether it has no opening to get into it
     */
    public function __construct(
        public string $name,
        public DraftedFor $fabric,
        public array $sizes,
        public array $ranges,
        public Chart $bodyChart,
        public Chart $finished,
        private array $weights,
        public SeamData $seam,
        public Cups $cups,
        public FinishedParts $parts,
        public Notes $notes,
        public ?Garment $garment,
        public ?BetweenRule $between,
        public bool $pulledOn,
        private array $leastEase = [],
        public CutAs $cutAs = CutAs::Blended,
        private array $alsoCalled = [],
        private bool $areLinesCounted = false,
        public PrintedLengths $lengths = new PrintedLengths,
    ) {
    }

    /** The same with its sizes called by the place of their line in the nest: their names are not everybody's business. */
    public function withLinesCounted(): self
    {
        return new self(
            name: $this->name,
            fabric: $this->fabric,
            sizes: CountedLines::of($this),
            ranges: array_map(static fn (Range $range): Range => $range->unnamed(), $this->ranges),
            bodyChart: $this->bodyChart,
            finished: $this->finished,
            weights: $this->weights,
            seam: $this->seam,
            cups: $this->cups,
            parts: $this->parts,
            notes: $this->notes,
            garment: $this->garment,
            between: $this->between,
            pulledOn: $this->pulledOn,
            leastEase: $this->leastEase,
            cutAs: $this->cutAs,
            areLinesCounted: true,
            lengths: $this->lengths,
        );
    }

    /** Whether sizes are called by the place of their line, and not by their names. */
    public function areLinesCounted(): bool
    {
        return $this->areLinesCounted;
    }

    /** The printed line of a size, in words: `line 12`, or `the third line from the inside`. */
    public function lineOf(int $size): string
    {
        return $this->areLinesCounted ? $this->sizes[$size] : "line {$this->sizes[$size]}";
    }

    /**
     * To begin a sentence with: `Size 12`, `Sizes 12 and 14`, or `The third line from the inside`.
     *
     * @param  non-empty-list<int>  $sizes
     */
    public function sizesInWords(array $sizes): string
    {
        $names = Listed::of(array_map(fn (int $size): string => $this->sizes[$size], $sizes));

        return $this->areLinesCounted ? $this->begun($names) : (count($sizes) === 1 ? 'Size ' : 'Sizes ').$names;
    }

    /** A sentence that begins with what a size is called: a name stays as it is printed, a counted line begins it. */
    public function begun(string $sentence): string
    {
        return $this->areLinesCounted ? ucfirst($sentence) : $sentence;
    }

    /** Where there is no room for words: `12`, or `3rd` where lines are counted. */
    public function shortNameOf(int $size): string
    {
        return $this->areLinesCounted ? CountedLines::short($this)[$size] : $this->sizes[$size];
    }

    /** The second name of a size; null where it has none, or where names are hidden. */
    public function alsoCalled(int $size): ?string
    {
        return $this->alsoCalled[$size] ?? null;
    }

    public function leastEase(Level $level): ?Length
    {
        return $this->leastEase[$level->value] ?? null;
    }

    /** Whether this garment has the level at all: a skirt has no bust, whatever its envelope prints. */
    public function hasLevel(Level $level): bool
    {
        return $this->garment === null || in_array($level, $this->garment->levels(), true);
    }

    /** The finished chart of one view, fit and cup: what is said for them alone wins over what is said for all. */
    public function finishedFor(?string $view, ?string $fit, ?string $cup): Chart
    {
        // A cup has its own bust row or none: the row for all was drawn for another cup.
        $chart = $cup === null ? $this->finished : $this->finished->without(ChartRow::FullBust);
        $byCup = $cup === null ? [] : [new FinishedFor(null, null, $cup, $this->cups->finishedChart($cup))];
        $holding = array_filter([...$this->parts->only, ...$byCup], static fn (FinishedFor $part): bool => $part->holds($view, $fit, $cup));
        usort($holding, static fn (FinishedFor $a, FinishedFor $b): int => $a->bound() <=> $b->bound());
        foreach ($holding as $part) {
            $chart = $chart->with($cup !== null && $part->cup === null ? $part->chart->without(ChartRow::FullBust) : $part->chart);
        }

        return $chart;
    }

    public function weightAt(Level $level): Weight
    {
        return $this->weights[$level->value] ?? Weight::Matters;
    }

    /** Whether anything of it is drawn by cup: rows of a chart, or pieces that are only for some. */
    public function hasCups(): bool
    {
        return $this->cups->withBodyRows() !== [] || $this->hasFinishedOrPiecesByCup();
    }

    /** Whether the general body row may stand for every cup, a step away from the drafted one. */
    public function hasFinishedOrPiecesByCup(): bool
    {
        $byCup = static fn (FinishedFor|Piece $part): bool => $part instanceof Piece ? $part->cups !== [] : $part->cup !== null;

        return $this->cups->withFinishedRows() !== [] || array_filter([...$this->parts->only, ...$this->notes->pieces], $byCup) !== [];
    }

    /** @return list<string> the cups that have a finished row, bound to a view or fit or not */
    public function cupsWithFinished(): array
    {
        $bound = array_map(static fn (FinishedFor $part): ?string => $part->cup, $this->parts->only);

        return array_values(
            array_unique([...$this->cups->withFinishedRows(), ...array_filter($bound, static fn (?string $cup): bool => $cup !== null)]),
        );
    }

    /** @return list<string> the drafts, in the order of their first envelope */
    public function drafts(): array
    {
        return array_values(array_unique(array_map(static fn (Range $range): string => $range->draft, $this->ranges)));
    }

    /** @return non-empty-list<int> the sizes of all envelopes that share a draft, smallest first; all sizes where no envelope does */
    public function sizesOfDraft(string $draft): array
    {
        $sizes = [];
        foreach ($this->ranges as $range) {
            if ($range->draft === $draft) {
                array_push($sizes, ...$range->sizes);
            }
        }
        $sizes = array_unique($sizes);
        sort($sizes);

        return $sizes === [] ? array_keys($this->sizes) : $sizes;
    }

    public function rangeNamed(string $name): ?Range
    {
        foreach ($this->ranges as $range) {
            if ($range->name === $name) {
                return $range;
            }
        }

        return null;
    }
}
