<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;
use Underbolt\Sizing\UnmeasuredSizes;

/** All that stands before a size is chosen: the cup, who leads, and the facts at every level. */
final readonly class Situation
{
    /**
     * @param  ?CupBust  $cupBust  the bust rows of a cup, where the cup leads
     * @param  ?FrameLookup  $lookup  the frame, where the bust is adjusted to one
     * @param  array<string, ?LevelFacts>  $facts  by level from the top down; null where not measured, absent where there is no row
     * @param  array<string, LevelFacts>  $unmeasured  of a waist or hip with a row and no measure: the line lies there all the same
     */
    private function __construct(
        public Make $make,
        public SizesInPlay $inPlay,
        public Range $range,
        public ChartRows $rows,
        public ?Cup $cup,
        public LeadChoice $lead,
        public ?CupBust $cupBust,
        public ?FrameLookup $lookup,
        public array $facts,
        public array $unmeasured,
    ) {
    }

    /**
     * @throws Unplannable when a measure that was chosen to lead is missing, or no level is left
     * @throws RowDoesNotRise when a larger size has no larger figure
     */
    public static function of(Make $make, SizesInPlay $inPlay): self
    {
        $fit = DraftFit::of($make, $inPlay);
        [$range, $rows, $cup, $lead] = [$fit->range, $fit->rows, $fit->cup, $fit->lead];
        $charts = self::charts($make, $fit);
        $hasBust = isset($charts['bust']);
        if ($hasBust) {
            self::refuseMissing($make, $lead->lead, $cup, $range);
        }
        $framed = $hasBust && ($lead->lead->fixesFrame() || $make->choices->adjustBust) && $make->body->at($lead->lead->point()) !== null;
        $lookup = $framed ? FrameLookup::of($make, $rows, $charts['bust'], $lead->lead, $range->draftedCup) : null;
        $facts = self::levels($make, $fit, $charts, $lookup?->chart->size);
        if (array_filter($facts, self::isPlanned(...)) === []) {
            throw Unplannable::noLevel();
        }

        return new self(
            make: $make,
            inPlay: $inPlay,
            range: $range,
            rows: $rows,
            cup: $cup,
            lead: $lead,
            cupBust: $fit->cupBust,
            lookup: $lookup,
            facts: array_map(static fn (LevelFacts $level): ?LevelFacts => self::isPlanned($level) ? $level : null, $facts),
            unmeasured: array_filter($facts, static fn (LevelFacts $level): bool => ! self::isPlanned($level) && $level->level !== Level::Bust),
        );
    }

    /** @return array<string, LevelFacts> by level, for those that are measured, from the top down */
    public function measured(): array
    {
        return array_filter($this->facts, static fn (?LevelFacts $facts): bool => $facts !== null);
    }

    /** @return array<string, LevelFacts> by level, for those that are measured, and for those that the line lies at without */
    public function onLine(): array
    {
        return $this->measured() + $this->unmeasured;
    }

    /**
     * Sizes of the measured levels, and those that the line is drawn in at the others.
     *
     * @param  bool  $clipped  whether a clip set by hand counts there
     */
    public function withUnmeasured(Sizes $sizes, bool $clipped): Sizes
    {
        return $this->unmeasured === []
            ? $sizes
            : UnmeasuredSizes::drawn($sizes, array_keys($this->unmeasured), $this->inPlay->sizes, $clipped ? $this->make->choices->clip(...) : static fn (): ?int => null);
    }

    /** Whether a level takes another's size, and so decides nothing and raises no caution. */
    public function isFree(Level $level): bool
    {
        return ($this->facts[$level->value] ?? null)?->isFree() === true && $this->make->choices->clip($level) === null;
    }

    /** Whether a size is chosen there: by its measure, or at the bust by a frame. */
    private static function isPlanned(LevelFacts $facts): bool
    {
        return $facts->body !== null || $facts->frame !== null;
    }

    /** @return array<string, SizeChart> the body row that is read, by level, where the garment has the level and the chart the row */
    private static function charts(Make $make, DraftFit $fit): array
    {
        $charts = [];
        foreach (Level::cases() as $level) {
            $row = $fit->body($level);
            if ($row !== null && $make->pattern->hasLevel($level)) {
                $charts[$level->value] = $row;
            }
        }

        return $charts;
    }

    /**
     * @param  array<string, SizeChart>  $charts
     * @return array<string, LevelFacts> those that are not measured as well
     */
    private static function levels(Make $make, DraftFit $fit, array $charts, ?int $frame): array
    {
        $asked = self::school($make, $charts, $frame !== null);
        $all = [];
        foreach ($charts as $name => $chart) {
            $level = Level::from($name);
            $body = $level->girthOf($make->body);
            $frameHere = $level === Level::Bust ? $frame : null;
            $all[$name] = new LevelFacts(
                level: $level,
                weight: $make->pattern->weightAt($level),
                body: $body,
                chart: $chart,
                finished: $fit->finished($level),
                between: $make->choices->between,
                asked: $asked,
                likedEase: $make->choices->likedEase($level, $body),
                givenLeast: $make->choices->leastEase($level) ?? $make->pattern->leastEase($level),
                fabric: $make->pattern->fabric,
                edges: $make->pattern->seam->edgesAt($level),
                nestEdges: $make->pattern->seam->nestEdgesAt($level),
                frame: $frameHere,
                isDrafted: $level !== Level::Bust || $fit->cupBust === null || $fit->cupBust->isDrafted(),
            );
        }

        return $all;
    }

    /**
     * The make's own school; else liked ease where some is given at a level that counts, else the chart.
     *
     * @param  array<string, SizeChart>  $charts
     */
    private static function school(Make $make, array $charts, bool $framed): EaseSchool
    {
        foreach (array_keys($charts) as $name) {
            $level = Level::from($name);
            $counts = $make->pattern->weightAt($level) !== Weight::Free || ($framed && $level === Level::Bust);
            if ($counts && $make->choices->givesLikedEase($level)) {
                return $make->choices->ease ?? EaseSchool::Liked;
            }
        }

        return $make->choices->ease ?? EaseSchool::Chart;
    }

    /** @throws Unplannable when what was chosen to lead is not measured; by default nothing missing leads */
    private static function refuseMissing(Make $make, Lead $lead, ?Cup $cup, Range $range): void
    {
        if ($make->choices->lead !== null && $make->body->at($lead->point()) === null) {
            throw Unplannable::leadNotMeasured($lead);
        }
        if ($lead === Lead::Cup && $cup === null) {
            throw Unplannable::cupNotMeasured($make->pattern->cups->ruleFor($range->name)->measure ?? CupMeasure::HighBustDifference);
        }
    }
}
