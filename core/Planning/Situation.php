<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Measure\Body;
use Underbolt\Measure\Point;
use Underbolt\Pattern\CupMeasure;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Range;
use Underbolt\Pattern\RowDoesNotRise;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\CupRow;
use Underbolt\Sizing\LeastEase;
use Underbolt\Sizing\LevelFacts;

/** All that stands before a size is chosen: the cup, who leads, and the facts at every level. */
final readonly class Situation
{
    /**
     * @param  ?string  $cupRow  the cup whose bust row is read; null where it is the plain one
     * @param  ?FrameLookup  $lookup  the frame where something else than the bust level gives it
     * @param  array<string, ?LevelFacts>  $facts  by level from the top down; null where not measured, absent where there is no row
     */
    private function __construct(
        public Make $make,
        public SizesInPlay $inPlay,
        private ChartRows $rows,
        public ?Cup $cup,
        public LeadChoice $lead,
        public ?string $cupRow,
        public ?FrameLookup $lookup,
        public array $facts,
    ) {
    }

    /**
     * @throws Unplannable when the measure that leads is missing, or no level is left
     * @throws RowDoesNotRise when a larger size has no larger figure
     */
    public static function of(Make $make, SizesInPlay $inPlay): self
    {
        return self::build($make, $inPlay, ChartRows::of($make, $inPlay), null);
    }

    /** The same situation with another body; who leads stays. */
    public function with(Body $body): self
    {
        return self::build($this->make->with($body), $this->inPlay, $this->rows, $this->lead->lead);
    }

    private static function build(Make $make, SizesInPlay $inPlay, ChartRows $rows, ?Lead $lead): self
    {
        $range = $inPlay->rangeFor($make);
        $cup = Cup::of($make->body, $make->pattern->cups->ruleFor($range->name));
        $choice = LeadChoice::of($make, $rows, $cup, $range->draftedCup, $lead);
        $cupRow = $choice->lead === Lead::Cup && $cup !== null ? CupRow::nearest($cup->letter, $rows->cups) : null;
        $facts = self::levels($make, $rows, $cupRow);
        self::refuseMissing($make, $choice->lead, $facts, $cup, $range);

        return new self($make, $inPlay, $rows, $cup, $choice, $cupRow, self::lookup($make, $rows, $choice->lead, $facts, $range), $facts);
    }

    /** What the bust needs beyond a frame size; null where the full bust or its chart figure is not known. */
    public function adjustment(?int $frame): ?BustAdjustment
    {
        if (! $this->lead->lead->fixesFrame() || $this->lookup === null) {
            return BustAdjustment::none();
        }
        $bust = $this->facts['bust'] ?? null;
        $chart = $frame === null ? null : $bust?->chart->at($frame);

        return $bust === null || $chart === null ? null : BustAdjustment::of($bust->body, $chart, $this->make->body->at(Point::HighBust));
    }

    /** @return array<string, LevelFacts> by level, for those that are measured, from the top down */
    public function measured(): array
    {
        return array_filter($this->facts, static fn (?LevelFacts $facts): bool => $facts !== null);
    }

    /** @return array<string, ?LevelFacts> */
    private static function levels(Make $make, ChartRows $rows, ?string $cupRow): array
    {
        $all = [];
        foreach (Level::cases() as $level) {
            $chart = $rows->level($level, $cupRow);
            if ($chart !== null) {
                $body = SizesInPlay::bodyAt($make, $level);
                $all[$level->value] = $body === null ? null : new LevelFacts(
                    $level,
                    $body,
                    $chart,
                    $rows->finished($level, $cupRow),
                    $make->choices->between,
                    $make->choices->ease,
                    $make->choices->likedEase($level, $body),
                    $make->choices->leastEase($level) ?? $make->pattern->leastEase($level) ?? LeastEase::of($level, $make->pattern->fabric, $body),
                    $make->pattern->seam->edgesAt($level),
                );
            }
        }

        return $all;
    }

    /**
     * @param  array<string, ?LevelFacts>  $facts
     *
     * @throws Unplannable
     */
    private static function refuseMissing(Make $make, Lead $lead, array $facts, ?Cup $cup, Range $range): void
    {
        $hasBust = array_key_exists('bust', $facts);
        if ($hasBust && $make->body->at($lead->point()) === null) {
            throw Unplannable::leadNotMeasured($lead);
        }
        if ($hasBust && $lead === Lead::Cup && $cup === null) {
            throw Unplannable::cupNotMeasured($make->pattern->cups->ruleFor($range->name)->measure ?? CupMeasure::HighBustDifference);
        }
        if (array_filter($facts) === []) {
            throw Unplannable::noLevel();
        }
    }

    /**
     * @param  array<string, ?LevelFacts>  $facts
     *
     * @throws Unplannable when the pattern has no row for the lead
     */
    private static function lookup(Make $make, ChartRows $rows, Lead $lead, array $facts, Range $range): ?FrameLookup
    {
        return $lead->fixesFrame() && array_key_exists('bust', $facts)
            ? FrameLookup::of($make, $rows, $lead, $range->draftedCup)
            : null;
    }
}
