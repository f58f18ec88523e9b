<?php

declare(strict_types=1);

namespace Underbolt\Sizing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\BetweenRule;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartPosition;
use Underbolt\Pattern\Charts\ChartSize;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Cloth\DraftedFor;
use Underbolt\Pattern\Cloth\FabricKind;

/**
 * All that is known at one level before a size is chosen there, and what follows from it for any size.
 *
 * Sizes are places in the pattern's list. The size that the level would pick by itself stands in `own`.
 */
final readonly class LevelFacts
{
    /** Under half an inch no bust is adjusted (common practice, no published source). */
    public const LEAST_ADJUSTMENT_NM = 12_700_000;

    /** A quarter of an inch in all is nobody's alteration (common practice, no published source). */
    public const NOBODYS_NM = 6_350_000;

    /** @var ?ChartSize what the chart says; null where the body is not measured there */
    public ?ChartSize $chartSize;

    /** @var EaseSchool the one that can be followed: liked ease needs a finished row and a liked ease */
    public EaseSchool $school;

    /** @var ?Length the finished girth that liked ease asks for, where that school is followed */
    public ?Length $wished;

    /** @var int the level's own pick: the frame's size where that is looked up elsewhere */
    public int $own;

    /** @var ?Length least ease that raises no caution; null where it can't be told without the body */
    public ?Length $least;

    /** @var ?Length least ease that a size is not refused for */
    public ?Length $floor;

    /**
     * @param  ?Length  $body  null only at a bust whose frame is looked up elsewhere
     * @param  ?SizeChart  $finished  null where no finished figure is printed for any size in play
     * @param  EaseSchool  $asked  the school in force for the make
     * @param  ?Length  $givenLeast  the least ease as the make or the pattern gives it
     * @param  positive-int  $edges  cut edges that share what is left over
     * @param  positive-int  $nestEdges  edges between which the sizes differ on paper
     * @param  ?int  $frame  at the bust the size that another measure gives it; null where none does
     * @param  bool  $isDrafted  whether chart and finished figures are printed, and of one cup
     */
    public function __construct(
        public Level $level,
        public Weight $weight,
        public ?Length $body,
        public SizeChart $chart,
        public ?SizeChart $finished,
        public BetweenRule $between,
        public EaseSchool $asked,
        public ?Length $likedEase,
        public ?Length $givenLeast,
        public DraftedFor $fabric,
        public int $edges,
        public int $nestEdges,
        public ?int $frame = null,
        private bool $isDrafted = true,
    ) {
        $this->chartSize = $body === null ? null : $chart->sizeOf($body, $between);
        $this->school = $this->followed();
        $this->wished = $body === null || $likedEase === null || $this->school !== EaseSchool::Liked ? null : $body->plus($likedEase);
        // Liked ease picks among the sizes that leave the least, the other schools' least asks what they pick.
        $early = $this->school === EaseSchool::Liked ? null : $this->ownByChart();
        $this->least = $this->leastFor($early);
        $this->floor = $givenLeast ?? ($fabric->kind === FabricKind::Woven ? $this->least?->dividedBy(2) : $this->least);
        $this->own = $early ?? $this->ownByLikedEase();
    }

    /** The same facts with another measure. */
    public function withBody(Length $body): self
    {
        return $this->changed($body, $this->asked, $this->frame);
    }

    /** The same facts, looked at by another school and for themselves, whatever frame is looked up. */
    public function under(EaseSchool $school): self
    {
        return $this->changed($this->body, $school, null);
    }

    /** The school in force for a size: a frame without a finished figure is read as drafted. */
    public function schoolAt(int $size): EaseSchool
    {
        return $this->school === EaseSchool::Liked && $this->frame !== null && $this->finishedAt($size) === null
            ? EaseSchool::Drafted
            : $this->school;
    }

    /** The drafted ease that can be told of: between the rows of two cups, or from a row that is worked out, there is none. */
    public function toldEase(int $size): ?Length
    {
        return $this->isDrafted ? $this->draftedEase($size) : null;
    }

    /** Whether the level leaves the size to others; a frame that is looked up never does. */
    public function isFree(): bool
    {
        return $this->weight === Weight::Free && $this->frame === null;
    }

    /** Whether a size has the figure that the school in force goes by. */
    public function isCandidate(int $size): bool
    {
        return $this->row()->at($size) !== null;
    }

    /** @return non-empty-list<int> the sizes that can be chosen here; the frame alone where that is looked up */
    public function candidates(): array
    {
        return $this->frame === null ? array_keys($this->row()->values()) : [$this->frame];
    }

    public function finishedAt(int $size): ?Length
    {
        return $this->finished?->at($size);
    }

    /** Finished less chart body: the ease the size was drawn with. */
    public function draftedEase(int $size): ?Length
    {
        $chart = $this->chart->at($size);

        return $chart === null ? null : $this->finishedAt($size)?->minus($chart);
    }

    /** Finished less this body. */
    public function yourEase(int $size): ?Length
    {
        return $this->body === null ? null : $this->finishedAt($size)?->minus($this->body);
    }

    /** All round, what a bust adjustment adds to a frame of this size: 0 where none is made, null where it can't be told. */
    public function adjustmentAt(int $size): ?Length
    {
        if ($this->frame === null) {
            return Length::zero();
        }
        $total = $this->bustLack($size);

        return $total !== null && $total->abs()->nanometres < self::LEAST_ADJUSTMENT_NM ? Length::zero() : $total;
    }

    /** What is too much (above 0) or too little of a size, in the school in force; null where a figure is missing. */
    public function leftOver(int $size): ?Length
    {
        $wished = $this->wishedAt($size);
        $adjusted = $this->adjustmentAt($size);
        if ($this->body === null || $adjusted === null) {
            return null;
        }
        if ($wished !== null) {
            return $this->finishedAt($size)?->plus($adjusted)->minus($wished);
        }
        if ($this->frame !== null) {
            return $adjusted->isZero() && $this->school !== EaseSchool::Chart
                ? $this->chart->over($size, $this->body)
                : Length::zero();
        }

        return match ($this->school) {
            EaseSchool::Chart => $this->overChartSize($size),
            EaseSchool::Drafted => $this->chart->over($size, $this->body),
            EaseSchool::Liked => null,
        };
    }

    /** The finished girth, adjusted, that would leave nothing over. */
    public function wishedFor(int $size): ?Length
    {
        $left = $this->leftOver($size);

        return $left === null
            ? null
            : $this->wishedAt($size) ?? $this->finishedAt($size)?->plus($this->adjustmentAt($size) ?? Length::zero())->minus($left);
    }

    /** How much a garment of this size, adjusted, lacks to move in: above 0 where it is too small; null where a figure is missing. */
    public function lacks(int $size): ?Length
    {
        $finished = $this->finishedAt($size)?->plus($this->adjustmentAt($size) ?? Length::zero());

        return $finished === null || $this->floor === null ? null : $this->body?->plus($this->floor)->minus($finished);
    }

    /** Whether a garment of this size would leave less than one can move in. */
    public function isTooSmall(int $size): bool
    {
        if ($this->body === null || $this->floor === null) {
            return false;
        }
        if ($this->finishedAt($size) === null) {
            return $this->frame === null && $size < $this->own && ! $this->isNearlyOwn($size);
        }

        return $this->lacks($size)?->nanometres > 0;
    }

    /** Whether a size below the own pick lacks no more than nobody alters for: by the chart, or of what is liked. */
    public function isNearlyOwn(int $size): bool
    {
        $left = $this->school === EaseSchool::Liked ? $this->leftOver($size) : null;
        $left ??= $this->body === null ? null : $this->chart->over($size, $this->body);

        return $left !== null && $left->nanometres >= -self::NOBODYS_NM;
    }

    /** Whether the finished figure of a size is known to hold the body, so that nothing has to be let out. */
    public function hasRoom(int $size): bool
    {
        $room = $this->likedEase ?? $this->least;
        $needed = $this->floor === null || $room === null ? null : $this->body?->plus($this->floor->longer($room));

        return $needed !== null && $this->finishedAt($size)?->isLessThan($needed) === false;
    }

    private function changed(?Length $body, EaseSchool $school, ?int $frame): self
    {
        return new self(
            level: $this->level,
            weight: $this->weight,
            body: $body,
            chart: $this->chart,
            finished: $this->finished,
            between: $this->between,
            asked: $school,
            likedEase: $this->likedEase,
            givenLeast: $this->givenLeast,
            fabric: $this->fabric,
            edges: $this->edges,
            nestEdges: $this->nestEdges,
            frame: $frame,
            isDrafted: $this->isDrafted,
        );
    }

    private function followed(): EaseSchool
    {
        $cannotLike = $this->likedEase === null || $this->body === null || $this->finished === null;

        return $this->asked === EaseSchool::Liked && $cannotLike ? EaseSchool::Drafted : $this->asked;
    }

    private function wishedAt(int $size): ?Length
    {
        return $this->schoolAt($size) === EaseSchool::Liked ? $this->wished : null;
    }

    private function row(): SizeChart
    {
        return $this->finished !== null && ($this->frame === null ? $this->school : $this->schoolAt($this->frame)) === EaseSchool::Liked
            ? $this->finished
            : $this->chart;
    }

    /** Full bust less the chart's of this size; under liked ease no more than what is wished lacks: a cup is adjusted for, ease is not. */
    private function bustLack(int $size): ?Length
    {
        $byChart = $this->body === null ? null : $this->chart->over($size, $this->body)?->negated();
        $finished = $this->finishedAt($size);
        $byWish = $finished === null ? null : $this->wishedAt($size)?->minus($finished);
        if ($byChart === null || $byWish === null) {
            return $byWish ?? $byChart;
        }

        return match (true) {
            $byChart->isPositive() && $byWish->isPositive() => $byChart->shorter($byWish),
            $byChart->isNegative() && $byWish->isNegative() => $byChart->longer($byWish),
            default => Length::zero(),
        };
    }

    /** A size larger than the chart's is too large by the steps between; a smaller one lacks what the body has more. */
    private function overChartSize(int $size): ?Length
    {
        $named = $this->chartSize;
        $here = $this->chart->at($size);
        $inside = $named !== null && ! in_array($named->standing, [ChartPosition::Below, ChartPosition::Above], true);

        return match (true) {
            $inside && $size === $named->size => Length::zero(),
            $inside && $size > $named->size => $here?->minus($this->chart->at($named->size) ?? $here),
            default => $this->body === null ? null : $this->chart->over($size, $this->body),
        };
    }

    private function ownByChart(): int
    {
        return match (true) {
            $this->frame !== null => $this->frame,
            $this->body === null => array_key_first($this->chart->values()),
            $this->school === EaseSchool::Chart => $this->chart->sizeOf($this->body, $this->between)->size,
            default => $this->ownAsDrafted($this->body),
        };
    }

    /** The size with the least difference; what holds the body leaves none, and is looked up like a chart's size. */
    private function ownAsDrafted(Length $body): int
    {
        $nearest = $this->chart->nearest($body, $this->between);

        return $this->chart->over($nearest, $body)?->isZero() === true ? $this->chart->sizeOf($body, $this->between)->size : $nearest;
    }

    /** The finished size nearest to the one wished for, among those that are not too small; the largest where all are. */
    private function ownByLikedEase(): int
    {
        if ($this->frame !== null || $this->finished === null || $this->wished === null) {
            return $this->frame ?? $this->ownByChart();
        }
        $needed = $this->floor === null ? null : $this->body?->plus($this->floor);
        $sizes = array_filter(
            $this->finished->values(),
            static fn (Length $girth): bool => $needed === null || ! $girth->isLessThan($needed),
        );

        return $sizes === []
            ? array_key_last($this->finished->values())
            : SizeChart::of($this->level->row(), $sizes)->nearest($this->wished, BetweenRule::Up);
    }

    /** The given one; else the smallest of what is usual, liked and meant by the draft, so that a close draft is not warned of. */
    private function leastFor(?int $own): ?Length
    {
        $usual = LeastEase::usual($this->level, $this->fabric, $this->body);
        if ($this->givenLeast !== null || $usual === null) {
            return $this->givenLeast;
        }
        $drafted = $own === null ? null : $this->closestEase($own);
        $least = $this->likedEase?->shorter($usual) ?? $usual;

        return $drafted === null || $drafted->isNegative() ? $least : $least->shorter($drafted);
    }

    /** The drafted ease of the largest body of a size: from a range that is its larger end, and never below 0. */
    private function closestEase(int $size): ?Length
    {
        $range = $this->chart->rangeAt($size);

        return $range === null ? $this->draftedEase($size) : $this->finishedAt($size)?->minus($range->to)->longer(Length::zero());
    }
}
