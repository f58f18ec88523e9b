<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Brick\Math\BigRational;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\Sleeve;
use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Paper\SeamData;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Pick;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Choosing\Alternatives;
use Underbolt\Planning\Choosing\SizePick;
use Underbolt\Planning\Choosing\SizeStep;
use Underbolt\Planning\Facts\Frame;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\Facts\SizesInPlay;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\EdgeChange;
use Underbolt\Seam\FrontBack;
use Underbolt\Seam\SeamDrawing;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;
use Underbolt\Sizing\Cup;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/**
 * The answer for one make: what is known of it, a size at every level, and the one line that is cut. It says nothing itself:
 * what is to be done is told by `Work`, and what is to be minded by `Advice`, both from a plan.
 */
final readonly class Plan
{
    public Make $make;

    public SizesInPlay $inPlay;

    public ?Cup $cup;

    /**
     * @param  Sizes  $sizes  as chosen, for those levels that are measured
     * @param  array<string, ?LevelPlan>  $levels  by level; null where not measured, absent where the pattern has no row
     * @param  array<string, UnmeasuredLevel>  $unmeasured  by level, those that the line lies at without a measure
     * @param  array{bust_waist: ?SizeStep, waist_hip: ?SizeStep}  $steps
     * @param  ?BustAdjustment  $bust  null where it can't be told
     * @param  SeamData  $seam  what the paper says of it, its lengths in the sizes that are cut
     * @param  CutLine  $frontDrawn  what is drawn of the front's line: without what a bust adjustment by slashing spreads afterwards
     * @param  array<string, EdgeChange>  $adjusted  what a bust adjustment brings to the line, by level
     * @param  CutLine  $back  like the front unless the two are cut unlike
     * @param  ?Sleeve  $sleeve  null where the chart or the card has no upper arm
     */
    public function __construct(
        public Situation $situation,
        private Alternatives $ways,
        public Frame $frame,
        public Sizes $sizes,
        public FrontBack $frontBack,
        public array $levels,
        public array $unmeasured,
        public array $steps,
        public ?BustAdjustment $bust,
        public SeamData $seam,
        public LengthChanges $lengths,
        public CutLine $front,
        public CutLine $frontDrawn,
        private array $adjusted,
        public CutLine $back,
        public ?Sleeve $sleeve,
    ) {
        $this->make = $situation->make;
        $this->inPlay = $situation->inPlay;
        $this->cup = $situation->cup;
    }

    /** @return list<Station> of the front, as far apart as the make asks */
    public function stations(): array
    {
        return $this->front->stations($this->make->choices->stationEvery);
    }

    /** @return ?list<Station> of the back, where it is cut unlike the front */
    public function backStations(): ?array
    {
        return $this->front->isLike($this->back) ? null : $this->back->stations($this->make->choices->stationEvery);
    }

    /** Both, reckoned from the pattern's figures. */
    public function stationTable(): StationTable
    {
        return new StationTable($this->stations(), $this->backStations(), false);
    }

    /** @return 'as printed'|'lengthened' the paper that the stations stand on, as the open format names it */
    public function paper(): string
    {
        return $this->lengths->order === WorkOrder::LengthFirst ? 'lengthened' : 'as printed';
    }

    public function drawing(): ?SeamDrawing
    {
        return SeamDrawing::of($this->front, $this->back, $this->situation->onLine(), $this->inPlay->sizes);
    }

    /** @return list<int> all that are cut in front or at the back, places in the pattern's list */
    public function cutSizes(): array
    {
        return [...array_values($this->frontBack->front->known()), ...array_values($this->frontBack->back->known())];
    }

    /** @return list<Alternative> */
    public function alternatives(): array
    {
        return $this->ways->all();
    }

    /**
     * The best of some sizes alone, such as those of the envelopes that are there.
     *
     * @param  non-empty-list<int>  $sizes
     */
    public function within(array $sizes): Alternative
    {
        return $this->ways->within($sizes);
    }

    /** The sizes as they are cut, with what they cost. */
    public function taken(): Alternative
    {
        return $this->ways->costOf($this->sizes);
    }

    /** All levels in one size; null where none serves. */
    public function oneSize(): ?Sizes
    {
        return $this->ways->oneSize();
    }

    /** Whether one size all the way is asked for and there is none. */
    public function isOneSizeLeftOut(): bool
    {
        return SizePick::pick($this->situation) === Pick::OneSize && $this->ways->oneSize() === null;
    }

    /** The level that keeps the frame's size from serving all the way; null where none does, or no frame leads. */
    public function oneSizeRefusedAt(): ?Level
    {
        return $this->ways->refusedAt();
    }

    /** @return list<string> the levels that a size is wanted for and that are not measured; a free one is wanted for none */
    public function waitsFor(): array
    {
        $missing = array_filter($this->levels, static fn (?LevelPlan $level): bool => $level === null);

        return array_values(array_filter(array_keys($missing), fn (string $name): bool => $this->make->pattern->weightAt(Level::from($name)) !== Weight::Free));
    }

    /** What of the line's change at a level a bust adjustment brings. */
    public function adjustedAt(Level $level): EdgeChange
    {
        return $this->adjusted[$level->value] ?? EdgeChange::none();
    }

    /** Whether the line lies at a level, measured or not. */
    public function isOnLine(Level $level): bool
    {
        return $this->frontBack->front->at($level) !== null;
    }

    /** Whether front and back follow one and the same printed line from top to hem. */
    public function isOnePrintedLine(): bool
    {
        $sizes = [...array_values($this->frontBack->front->known()), ...array_values($this->frontBack->back->known())];

        return count(array_unique($sizes)) < 2 && ! $this->front->isChanged() && ! $this->back->isChanged();
    }

    /** The level of the line that a waist or hip without a measure is drawn on like. */
    public function above(Level $level): Level
    {
        return $level === Level::Hip && $this->isOnLine(Level::Waist) ? Level::Waist : Level::Bust;
    }

    public function at(Level $level): ?LevelPlan
    {
        return $this->levels[$level->value] ?? null;
    }

    /** The printed line of a size, in words. */
    public function lineOf(int $size): string
    {
        return $this->make->pattern->lineOf($size);
    }

    public function nameOf(int $size): string
    {
        return $this->make->pattern->sizes[$size];
    }

    /**
     * How much longer the back alone has to be down its middle than the paper's, once that is lengthened all round: above 0 as of a rounded
     * back. Null where either length isn't known, and where the two differ by no more than nobody alters for.
     */
    public function backLonger(): ?Length
    {
        $printed = $this->make->pattern->lengths->at(LengthRow::BackLength, $this->frame->size ?? $this->sizes->first());
        $body = $this->make->body->at(Point::BackLength);
        if ($printed === null || $body === null) {
            return null;
        }
        $change = $body->minus($printed)->minus($this->lengths->aboveWaist ?? Length::zero());

        return $change->abs()->nanometres <= LevelFacts::NOBODYS_NM ? null : $change;
    }

    /** How wide the garment is cut where the tummy is measured, between waist and hip at its depth; null where that isn't known. */
    public function roundTheTummy(): ?Length
    {
        $waist = $this->at(Level::Waist)?->asCut;
        $hip = $this->at(Level::Hip)?->asCut;
        $down = $this->lengths->waistToHip(true);
        if ($waist === null || $hip === null || $down === null) {
            return null;
        }
        $depth = $this->make->body->at(Point::WaistToTummy) ?? $this->make->choices->tummyDepth;

        return $waist->plus($hip->minus($waist)->times(BigRational::nd(min($depth->nanometres, $down->nanometres), max(1, $down->nanometres))));
    }
}
