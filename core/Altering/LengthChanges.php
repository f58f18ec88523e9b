<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Body;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Paper\SeamData;
use Underbolt\Seam\SeamDepths;

/** How much longer (above 0) or shorter (below 0) the paper has to be; null where a figure is missing. */
final readonly class LengthChanges
{
    /** "A little over" is nobody's alteration: up to 1/4 in nothing is changed of itself (common practice, no published source). */
    public const LEAST_NM = 6_350_000;

    /** A waist that moves by more than this is put in place before the blend is drawn: 1 cm (common practice, no published source). */
    private const MOVES_WAIST_NM = 10_000_000;

    /**
     * @param  list<string>  $small  `above_waist`, `below_waist`, where too little is wanted to be done
     * @param  Length  $hemMakesUp  what of the hem's change was wished above the waist and isn't done there
     * @param  Length  $declinedAbove  what was wanted above the waist and is declined by hand: her own waist lies so much below the paper's
     * @param  bool  $hemUnanswered  whether a length is wished for that the paper's figures can't answer
     */
    private function __construct(
        public ?Length $aboveWaist,
        public ?Length $belowWaist,
        public ?Length $hem,
        public ?Length $sleeve,
        public array $small,
        public Length $hemMakesUp,
        public Length $declinedAbove,
        public bool $hemUnanswered,
        public WorkOrder $order,
        private SeamData $paper,
    ) {
    }

    /** @param  LengthsByHand  $found  what a fitting adds to whatever the change is */
    public static function of(Body $body, SeamData $paper, LengthsByHand $byHand, ?WorkOrder $order, LengthsByHand $found = new LengthsByHand): self
    {
        $wanted = [
            'above_waist' => self::difference(
                $body->at(Point::UnderarmToWaist),
                $paper->underarmToWaist,
            ) ?? self::difference($body->at(Point::ShoulderToWaist), $paper->shoulderToWaist),
            'below_waist' => self::difference($body->at(Point::WaistToHip), $paper->waistToHip),
        ];
        $small = array_filter(
            $wanted,
            static fn (?Length $change): bool => $change !== null && ! $change->isZero() && $change->abs()->nanometres <= self::LEAST_NM,
        );
        $ownAbove = $byHand->aboveWaist ?? (isset($small['above_waist']) ? Length::zero() : $wanted['above_waist']);
        $above = self::both($ownAbove, $found->aboveWaist);
        $below = self::both($byHand->belowWaist ?? (isset($small['below_waist']) ? Length::zero() : $wanted['below_waist']), $found->belowWaist);
        $wish = $body->at(Point::WaistToHem);
        // What is wanted above the waist and isn't done there; a hem set by hand makes up for nothing.
        $lacks = $byHand->hem === null && $ownAbove !== null ? $wanted['above_waist']?->minus($ownAbove) ?? Length::zero() : Length::zero();
        $hem = $byHand->hem ?? ($wish === null ? null : self::hemChange($wish, $paper, $below)?->plus($lacks));

        return new self(
            aboveWaist: $above,
            belowWaist: $below,
            hem: self::both($hem, $found->hem),
            sleeve: self::both($byHand->sleeve ?? self::sleeveChange($body->at(Point::SleeveLength), $paper), $found->sleeve),
            small: array_keys(
                array_diff_key($small, array_filter(['above_waist' => $byHand->aboveWaist, 'below_waist' => $byHand->belowWaist])),
            ),
            hemMakesUp: $hem === null ? Length::zero() : $lacks,
            declinedAbove: $byHand->aboveWaist?->isZero() === true ? $wanted['above_waist'] ?? Length::zero() : Length::zero(),
            hemUnanswered: $wish !== null && $hem === null,
            order: $order ?? (self::movesWaist($above) ? WorkOrder::LengthFirst : WorkOrder::BlendFirst),
            paper: $paper,
        );
    }

    /** Whether the waist moves so far that it is put in place before the blend is drawn to it. */
    public static function movesWaist(?Length $aboveWaist): bool
    {
        return $aboveWaist !== null && $aboveWaist->abs()->nanometres > self::MOVES_WAIST_NM;
    }

    /**
     * Where the levels lie on the paper when the line is drawn on it. Without a bust level the seam starts
     * at the waist unless the paper says how far below the underarm that is.
     */
    public function drawnDepths(bool $hasBust): SeamDepths
    {
        $changed = $this->order === WorkOrder::LengthFirst;
        $waist = $this->paper->underarmToWaist === null
            ? ($hasBust ? null : Length::zero())
            : self::changed($this->paper->underarmToWaist, $changed ? $this->aboveWaist : null);
        $hip = self::below($waist, $this->waistToHip($changed));

        return new SeamDepths(
            $waist,
            $hip,
            self::below($hip, $this->paper->hipToHem ?? self::difference($this->paper->waistToHemEdge, $this->paper->waistToHip)),
            $this->paper->hipToHem === null ? self::below($waist, $this->paper->waistToHemEdge) : null,
        );
    }

    /** From waist to hip on the paper, as it is printed or once its length is changed. */
    public function waistToHip(bool $changed): ?Length
    {
        return $this->paper->waistToHip === null ? null : self::changed($this->paper->waistToHip, $changed ? $this->belowWaist : null);
    }

    /** How far below a level the hem is cut, once all lengths are changed; null where the paper doesn't say. */
    public function hemBelow(Level $level): ?Length
    {
        $below = match ($level) {
            Level::Hip => $this->paper->hipToHem ?? self::difference($this->paper->waistToHemEdge, $this->paper->waistToHip),
            Level::Waist => self::below($this->paper->waistToHip, $this->paper->hipToHem) ?? $this->paper->waistToHemEdge,
            Level::Bust => null,
        };

        return self::both($level === Level::Waist ? self::both($below, $this->belowWaist) : $below, $below === null ? null : $this->hem);
    }

    /** The hem is counted from this wearer's waist; paper whose hip depth is not changed keeps its own. */
    private static function hemChange(Length $wish, SeamData $paper, ?Length $below): ?Length
    {
        $onPaper = self::below($paper->waistToHip, $paper->hipToHem) ?? $paper->waistToHemEdge;

        return $onPaper === null || $paper->hemAllowance === null
            ? null
            : $wish->plus($paper->hemAllowance)->minus(self::changed($onPaper, $below));
    }

    /** Like the hem: the paper's sleeve runs to the cut edge, so what is turned up is added to the wished length. */
    private static function sleeveChange(?Length $wished, SeamData $paper): ?Length
    {
        return $paper->sleeveLength === null
            ? null
            : $wished?->plus($paper->sleeveHemAllowance ?? Length::zero())->minus($paper->sleeveLength);
    }

    private static function difference(?Length $body, ?Length $paper): ?Length
    {
        return $paper === null ? null : $body?->minus($paper);
    }

    private static function both(?Length $change, ?Length $found): ?Length
    {
        return $found === null ? $change : $found->plus($change ?? Length::zero());
    }

    private static function changed(Length $length, ?Length $change): Length
    {
        return $change === null ? $length : $length->plus($change);
    }

    private static function below(?Length $level, ?Length $further): ?Length
    {
        return $further === null ? null : $level?->plus($further);
    }
}
