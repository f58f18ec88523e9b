<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Asked\Make;
use Underbolt\Sizing\Cup;

/** How one draft of a pattern reads a body: by its own cup rule, its own lead and its own rows, those of the cup counted. */
final readonly class DraftFit
{
    private function __construct(
        private Make $make,
        public SizesInPlay $sizes,
        public Range $range,
        public ChartRows $rows,
        public ?Cup $cup,
        public LeadChoice $lead,
        public ?CupBust $cupBust,
    ) {
    }

    /** @throws RowDoesNotRise when a larger size has no larger figure */
    public static function of(Make $make, SizesInPlay $sizes): self
    {
        $rows = ChartRows::of($make, $sizes);
        $range = $sizes->rangeFor($make);
        $cup = Cup::of($make->body, $make->pattern->cups->ruleFor($range->name));
        $lead = LeadChoice::of($make, $rows, $cup, $range->draftedCup);

        return new self(
            make: $make,
            sizes: $sizes,
            range: $range,
            rows: $rows,
            cup: $cup,
            lead: $lead,
            cupBust: $lead->lead === Lead::Cup && $cup !== null ? CupBust::of($cup->letter, $range->draftedCup, $rows) : null,
        );
    }

    /** Null where a row of it falls: another draft's is only looked at, so nobody is told here. */
    public static function tried(Make $make, SizesInPlay $sizes): ?self
    {
        try {
            return self::of($make, $sizes);
        } catch (RowDoesNotRise) {
            return null;
        }
    }

    /** Whether the measure that leads lies inside its row. */
    public function holdsLead(): bool
    {
        $lead = $this->lead->lead;
        $row = match ($lead) {
            Lead::CrossFront => $this->rows->body(ChartRow::CrossFront),
            Lead::HighBust => $this->rows->body(ChartRow::HighBust) ?? $this->body(Level::Bust),
            default => $this->body(Level::Bust),
        };
        $measure = $this->make->body->at($lead->point());
        $isDerived = $lead === Lead::HighBust && $this->rows->body(ChartRow::HighBust) === null;
        $more = $isDerived ? Length::ofNumber(CupLetter::draftedInches($this->range->draftedCup), Unit::Inch) : Length::zero();

        return $this->make->pattern->hasLevel(Level::Bust) && self::isInside($measure?->plus($more), $row);
    }

    public function holds(Level $level): bool
    {
        return $this->make->pattern->hasLevel($level) && self::isInside($level->girthOf($this->make->body), $this->body($level));
    }

    /** How many of the measured levels its rows hold. */
    public function held(): int
    {
        return count(array_filter(Level::cases(), $this->holds(...)));
    }

    /** How many letters its drafted cup lies from the body's; 0 where that isn't known. */
    public function lettersApart(): int
    {
        return abs($this->cup?->lettersAbove(CupLetter::drafted($this->range->draftedCup)) ?? 0);
    }

    /** The finished row that is read at a level; null where none is printed. */
    public function finished(Level $level): ?SizeChart
    {
        return $level === Level::Bust && $this->cupBust !== null ? $this->cupBust->finished : $this->rows->finished($level->row());
    }

    /** The body row that is read at a level; null where none is printed. */
    public function body(Level $level): ?SizeChart
    {
        return $level === Level::Bust && $this->cupBust !== null ? $this->cupBust->body : $this->rows->body($level->row());
    }

    private static function isInside(?Length $measure, ?SizeChart $row): bool
    {
        return $measure !== null && $row?->reaches($measure) === true;
    }
}
