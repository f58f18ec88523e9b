<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Seam\EdgeChange;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;

/** What is left over of a size at one level, and what becomes of it. */
final readonly class LeftOver
{
    /** So little an edge is simply sewn in the seam: 1/8 in (common practice, no published source). */
    private const SEWN_NM = 3_175_000;

    /**
     * @param  ?Length  $leftOver  too much above 0, too little below; null where it isn't known or the level is free
     * @param  ?Length  $perEdge  of it, for each cut edge, once the centre back has its amount
     * @param  ?Take  $take  null where nothing is known to be left over
     * @param  Length  $all  what is taken in (above 0) or let out all round
     */
    private function __construct(
        public ?Length $leftOver,
        public ?Length $perEdge,
        public ?Take $take,
        public Length $centreBack,
        public Length $all,
    ) {
    }

    /** Nothing is taken in or let out: at a free level, or where no figure tells. */
    public static function nothing(): self
    {
        return new self(null, null, null, Length::zero(), Length::zero());
    }

    /**
     * @param  Length  $centreBack  what the centre back takes alone: signed like what is left over, and at most that
     * @param  ?Take  $chosen  null leaves it to the school and the ease
     * @param  ?Length  $finished  of the garment before anything is taken, the bust adjustment in it; null where it isn't known
     */
    public static function of(LevelFacts $facts, int $size, Length $centreBack, ?Take $chosen, ?Length $finished): self
    {
        $left = $facts->leftOver($size);
        if ($left === null) {
            return self::nothing();
        }
        $most = $chosen === null ? self::most($facts, $left, $centreBack, $finished) : $left;
        $perEdge = $most->minus($centreBack)->dividedBy($facts->edges);
        $take = $chosen ?? self::usual($facts, $size, $left, $most, $perEdge, $centreBack->isZero(), $finished);
        if ($take === Take::Leave) {
            return new self($left, $left->minus($centreBack)->dividedBy($facts->edges), $take, $centreBack, $centreBack);
        }

        return new self($left, $perEdge, $take, $centreBack, $most);
    }

    /** Taking in stops where the garment would leave less than the least ease; letting out stops nowhere. */
    private static function most(LevelFacts $facts, Length $left, Length $centreBack, ?Length $finished): Length
    {
        if (! $left->isPositive() || $finished === null || $facts->body === null || $facts->least === null) {
            return $left;
        }
        $spare = $finished->minus($facts->body)->minus($facts->least);

        return $left->shorter(Length::zero()->longer($spare)->longer($centreBack));
    }

    /** What is drawn at each side edge, outward positive. */
    public function drawn(): EdgeChange
    {
        if ($this->perEdge === null || $this->take !== Take::InLine) {
            return EdgeChange::none();
        }
        $out = $this->perEdge->negated();

        return new EdgeChange($out, $out);
    }

    /** @param  bool  $isForAll  whether nothing goes to the centre back alone */
    private static function usual(LevelFacts $facts, int $size, Length $left, Length $most, Length $perEdge, bool $isForAll, ?Length $finished): Take
    {
        $byChart = $facts->schoolAt($size) === EaseSchool::Chart;
        $isCarried = self::leavesLeast($facts, $finished);
        $isWanting = $left->isNegative() && $isCarried === false;

        return match (true) {
            $left->isZero(), $most->isZero(), $byChart && ($left->isPositive() || $isCarried === true) => Take::Leave,
            $isForAll && ! $isWanting && $most->abs()->nanometres <= LevelFacts::NOBODYS_NM => Take::Leave,
            ! $perEdge->isZero() && $perEdge->abs()->nanometres <= self::SEWN_NM => Take::Sew,
            default => Take::InLine,
        };
    }

    /** Whether the garment, before anything is taken, leaves the least ease; null where it isn't known. */
    private static function leavesLeast(LevelFacts $facts, ?Length $finished): ?bool
    {
        return $finished === null || $facts->body === null || $facts->least === null
            ? null
            : ! $finished->isLessThan($facts->body->plus($facts->least));
    }
}
