<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cloth\FabricKind;

/** Whether the sleeve of the size that is cut goes round the arm. */
final readonly class Sleeve
{
    /** A woven sleeve needs this beyond the arm at the least: 3 cm (common practice, no published source). */
    private const WOVEN_EASE_CM = 3;

    /**
     * @param  ?Length  $ease  finished less the arm
     * @param  ?Length  $need  how much wider it has to be; below 0 it has so much to spare
     * @param  ?Length  $perEdge  to let out at each of the sleeve's two edges; 0 where nothing is needed
     */
    private function __construct(
        public int $size,
        public Length $measure,
        public ?Length $chartValue,
        public ?Length $finished,
        public ?Length $ease,
        public ?Length $need,
        public ?Length $perEdge,
    ) {
    }

    /**
     * Null where no row is printed or the arm is not measured.
     *
     * @param  callable(ChartRow): ?SizeChart  $body
     * @param  callable(ChartRow): ?SizeChart  $finished
     * @param  int  $size  of the bust: the sleeve is cut in it
     */
    public static function of(callable $body, callable $finished, int $size, ?Length $bicep, DraftedFor $fabric): ?self
    {
        $chartRow = $body(ChartRow::Bicep);
        $finishedRow = $finished(ChartRow::Bicep);
        if ($bicep === null || ($chartRow === null && $finishedRow === null)) {
            return null;
        }
        $chart = $chartRow?->at($size);
        $garment = $finishedRow?->at($size);
        $least = Length::ofNumber($fabric->kind === FabricKind::Woven ? self::WOVEN_EASE_CM : 0, Unit::Centimetre);
        $need = $chart !== null ? $chartRow->over($size, $bicep)?->negated() : ($garment === null ? null : $bicep->plus($least)->minus($garment));

        return new self(
            size: $size,
            measure: $bicep,
            chartValue: $chart,
            finished: $garment,
            ease: $garment?->minus($bicep),
            need: $need,
            perEdge: $need === null || $need->isPositive() ? $need?->dividedBy(2) : Length::zero(),
        );
    }

    public function isNarrow(): bool
    {
        return $this->need !== null && $this->need->isPositive();
    }
}
