<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\ChartSize;
use Underbolt\Pattern\CupLetter;
use Underbolt\Pattern\Row;
use Underbolt\Pattern\SizeChart;

/** The size of shoulder, neck and armhole where it is read from another measure than the full bust. */
final readonly class FrameLookup
{
    /**
     * @param  Length  $measure  what was looked up: with the drafted difference added where the full-bust row is read for a high bust
     * @param  string  $note  how it was looked up; empty where it is as plain as it seems
     */
    private function __construct(public Length $measure, public ChartSize $chart, public string $note)
    {
    }

    /**
     * @param  ?string  $draftedCup  of the make's range; an unknown one counts as B
     *
     * @throws Unplannable when the pattern has no row to read, or the measure is missing
     */
    public static function of(Make $make, ChartRows $rows, Lead $lead, ?string $draftedCup): self
    {
        $measure = $make->body->at($lead->point()) ?? throw Unplannable::leadNotMeasured($lead);

        return match ($lead) {
            Lead::CrossFront => self::in($rows->body(Row::CrossFront) ?? throw Unplannable::noCrossFrontRow(), $measure, $make),
            Lead::HighBust => self::byHighBust($make, $rows, $measure, $draftedCup),
            default => self::in(self::fullBust($rows), $measure, $make),
        };
    }

    /** By the high-bust row; without one the drafted cup's difference gives what a printed row would have given. */
    private static function byHighBust(Make $make, ChartRows $rows, Length $measure, ?string $draftedCup): self
    {
        $row = $rows->body(Row::HighBust);

        return $row !== null
            ? self::in($row, $measure, $make)
            : self::in(
                self::fullBust($rows),
                $measure->plus(Length::ofNumber(CupLetter::draftedInches($draftedCup), Unit::Inch)),
                $make,
                "No high-bust row is printed, so the difference it is drafted for is added to the high bust of {$make->say($measure)}.",
            );
    }

    private static function fullBust(ChartRows $rows): SizeChart
    {
        return $rows->body(Row::FullBust) ?? throw Unplannable::noLevel();
    }

    private static function in(SizeChart $row, Length $measure, Make $make, string $note = ''): self
    {
        return new self($measure, $row->sizeOf($measure, $make->choices->between), $note);
    }
}
