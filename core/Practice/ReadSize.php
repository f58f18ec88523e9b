<?php

declare(strict_types=1);

namespace Underbolt\Practice;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Pattern;

/** Which size a pattern's chart says for the true girth, and which for the one that was read. */
final readonly class ReadSize
{
    private const NM_OF_A_MM = 1_000_000;

    /**
     * @param  int  $apart  sizes from the true one to the one read, above 0 a larger one
     * @param  ?Length  $wider  by how much the garment is wider than it would have been; null where no finished figures are printed
     */
    private function __construct(public string $true, public string $read, public int $apart, public ?Length $wider)
    {
    }

    /** Null where the chart has no row for the point. */
    public static function of(Pattern $pattern, TapePoint $point, TapeReading $reading): ?self
    {
        $row = self::row($point);
        $chart = $row === null ? null : self::chart($pattern, $row);
        if ($row === null || $chart === null) {
            return null;
        }
        $rule = $pattern->between ?? BetweenRule::Up;
        $size = static fn (float $mm): int => $chart->sizeOf(Length::ofNanometres((int) round($mm * self::NM_OF_A_MM)), $rule)->size;
        [$true, $read] = [$size($reading->true), $size($reading->reading)];
        $finished = $pattern->finishedFor(null, null, null);
        [$meant, $made] = [$finished->at($row, $true), $finished->at($row, $read)];

        return new self($pattern->sizes[$true], $pattern->sizes[$read], $read - $true, $meant === null || $made === null ? null : $made->minus($meant));
    }

    private static function row(TapePoint $point): ?ChartRow
    {
        return match ($point) {
            TapePoint::HighBust => ChartRow::HighBust,
            TapePoint::Bust => ChartRow::FullBust,
            TapePoint::Waist => ChartRow::Waist,
            TapePoint::Hip => ChartRow::Hip,
            TapePoint::Underbust => null,
        };
    }

    private static function chart(Pattern $pattern, ChartRow $row): ?SizeChart
    {
        try {
            return $pattern->bodyChart->over($row, array_keys($pattern->sizes));
        } catch (RowDoesNotRise) {
            return null;
        }
    }
}
