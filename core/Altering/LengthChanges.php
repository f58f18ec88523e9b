<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\SeamData;
use Underbolt\Seam\SeamDepths;

/** How much longer (above 0) or shorter (below 0) the paper has to be; null where a figure is missing. */
final readonly class LengthChanges
{
    private function __construct(
        public ?Length $aboveWaist,
        public ?Length $belowWaist,
        public ?Length $hem,
        public ?Length $sleeve,
        private SeamData $paper,
    ) {
    }

    public static function of(Body $body, SeamData $paper): self
    {
        $below = self::difference($body->at(Point::WaistToHip), $paper->waistToHip);

        return new self(
            self::difference($body->at(Point::UnderarmToWaist), $paper->underarmToWaist)
                ?? self::difference($body->at(Point::ShoulderToWaist), $paper->shoulderToWaist),
            $below,
            self::hemChange($body->at(Point::WaistToHem), $paper, $below),
            self::sleeveChange($body->at(Point::SleeveLength), $paper),
            $paper,
        );
    }

    /**
     * Where the levels lie on the changed paper. Without a bust level the seam starts at the waist
     * unless the paper says how far below the underarm that is.
     */
    public function depths(bool $hasBust): SeamDepths
    {
        $waist = $this->paper->underarmToWaist === null
            ? ($hasBust ? null : Length::zero())
            : self::changed($this->paper->underarmToWaist, $this->aboveWaist);
        $hip = self::below($waist, $this->paper->waistToHip, $this->belowWaist);

        return new SeamDepths($waist, $hip, self::below($hip, $this->paper->hipToHem, $this->hem));
    }

    /** The hem is counted from this wearer's waist; paper whose hip depth is not changed keeps its own. */
    private static function hemChange(?Length $waistToHem, SeamData $paper, ?Length $below): ?Length
    {
        if ($waistToHem === null || $paper->hemAllowance === null || $paper->waistToHip === null || $paper->hipToHem === null) {
            return null;
        }
        $onPaper = self::changed($paper->waistToHip, $below)->plus($paper->hipToHem);

        return $waistToHem->plus($paper->hemAllowance)->minus($onPaper);
    }

    /** Like the hem: the paper's sleeve runs to the cut edge, so what is turned up is added to the wished length. */
    private static function sleeveChange(?Length $wished, SeamData $paper): ?Length
    {
        return $paper->sleeveLength === null ? null : $wished?->plus($paper->sleeveHemAllowance ?? Length::zero())->minus($paper->sleeveLength);
    }

    private static function difference(?Length $body, ?Length $paper): ?Length
    {
        return $paper === null ? null : $body?->minus($paper);
    }

    private static function changed(Length $length, ?Length $change): Length
    {
        return $change === null ? $length : $length->plus($change);
    }

    private static function below(?Length $level, ?Length $further, ?Length $change): ?Length
    {
        return $level === null || $further === null ? null : $level->plus(self::changed($further, $change));
    }
}
