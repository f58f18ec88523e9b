<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Planning\Asked\Lead;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Asked\Unplannable;

/** The size of shoulder, neck and armhole where the bust is adjusted to it: read in one row by one measure. */
final readonly class FrameLookup
{
    /**
     * @param  Point  $point  the measure that is looked up
     * @param  Length  $measure  it, with the drafted difference added where the full-bust row is read for a high bust
     * @param  string  $note  how it was looked up; empty where it is as plain as it seems
     */
    private function __construct(
        public Point $point,
        public Length $measure,
        public ChartSize $chart,
        public string $note,
        private SizeChart $row,
        private BetweenRule $between,
    ) {
    }

    /**
     * @param  ?SizeChart  $bust  the full-bust row that is read: of the cup where a cup leads
     * @param  ?string  $draftedCup  of the make's range; an unknown one counts as B
     *
     * @throws Unplannable when the pattern has no row to read, or the measure is missing
     */
    public static function of(Make $make, ChartRows $rows, ?SizeChart $bust, Lead $lead, ?string $draftedCup): self
    {
        $measure = $make->body->at($lead->point()) ?? throw Unplannable::leadNotMeasured($lead);
        $fullBust = $bust ?? throw Unplannable::noLevel();

        return match ($lead) {
            Lead::CrossFront => self::in(
                $rows->body(ChartRow::CrossFront) ?? throw Unplannable::noCrossFrontRow(),
                $lead->point(),
                $measure,
                $make,
            ),
            Lead::HighBust => self::byHighBust($make, $rows, $fullBust, $measure, $draftedCup),
            default => self::in($fullBust, $lead->point(), $measure, $make),
        };
    }

    /** The size, had the measure been so much more or less. */
    public function sizeAfter(Length $moved): int
    {
        return $this->row->sizeOf($this->measure->plus($moved), $this->between)->size;
    }

    /** By the high-bust row; without one the drafted cup's difference gives what a printed row would have given. */
    private static function byHighBust(Make $make, ChartRows $rows, SizeChart $fullBust, Length $measure, ?string $draftedCup): self
    {
        $row = $rows->body(ChartRow::HighBust);

        return $row !== null
            ? self::in($row, Point::HighBust, $measure, $make)
            : self::in(
                $fullBust,
                Point::HighBust,
                $measure->plus(Length::ofNumber(CupLetter::draftedInches($draftedCup), Unit::Inch)),
                $make,
                "No high-bust row is printed, so the difference it is drafted for is added to the high bust of {$make->say($measure)}.",
            );
    }

    private static function in(SizeChart $row, Point $point, Length $measure, Make $make, string $note = ''): self
    {
        return new self($point, $measure, $row->sizeOf($measure, $make->choices->between), $note, $row, $make->choices->between);
    }
}
