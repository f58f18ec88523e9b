<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;

/** What the bust needs beyond the frame: full bust less the chart's full bust of the frame size. */
final readonly class BustAdjustment
{
    /** Under half an inch nothing is adjusted (common practice, no published source). */
    private const LEAST = 12_700_000;

    /** Up to this much between full and high bust, pivoting does: 4 in (common practice, no published source). */
    private const MOST_FOR_PIVOT = 101_600_000;

    /** From here on pivoting widens the back too much as well: 4 cm (common practice, no published source). */
    private const WIDENS_BACK = 40_000_000;

    /**
     * @param  Length  $total  all round, above 0 to be added; 0 where nothing is adjusted
     * @param  ?AdjustmentMethod  $method  null where nothing is adjusted
     */
    private function __construct(public AdjustmentKind $kind, public Length $total, public ?AdjustmentMethod $method)
    {
    }

    public static function none(): self
    {
        return new self(AdjustmentKind::None, Length::zero(), null);
    }

    /**
     * @param  Length  $chart  the full bust the frame size is drawn for
     * @param  ?Length  $highBust  null where it isn't measured
     */
    public static function of(Length $fullBust, Length $chart, ?Length $highBust): self
    {
        $total = $fullBust->minus($chart);
        if ($total->abs()->nanometres < self::LEAST) {
            return self::none();
        }
        $fullness = $highBust === null ? 0 : $fullBust->minus($highBust)->nanometres;

        return new self(
            $total->nanometres > 0 ? AdjustmentKind::Full : AdjustmentKind::Small,
            $total,
            $fullness <= self::MOST_FOR_PIVOT ? AdjustmentMethod::Pivot : AdjustmentMethod::Slash,
        );
    }

    /** For each of the four edges, when it is pivoted. */
    public function perEdge(): Length
    {
        return $this->total->dividedBy(4);
    }

    /** For each half of the front, when it is slashed. */
    public function perFrontHalf(): Length
    {
        return $this->total->dividedBy(2);
    }

    public function widensBack(): bool
    {
        return $this->method === AdjustmentMethod::Pivot && $this->total->nanometres > self::WIDENS_BACK;
    }
}
