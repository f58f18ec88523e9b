<?php

declare(strict_types=1);

namespace Underbolt\Seam;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** The line that is cut along one side edge, front or back, from the underarm to the hem. */
final readonly class CutLine
{
    /**
     * @param  Sizes  $sizes  whose printed lines it leaves and joins
     * @param  ?Stretch  $upper  bust to waist; null where one of the two is not known
     * @param  ?Stretch  $lower  waist to hip and on to the hem; likewise
     * @param  array<string, Length>  $changes  beside the blend, by level
     */
    private function __construct(
        public Sizes $sizes,
        public SeamDepths $depths,
        private ?Stretch $upper,
        private ?Stretch $lower,
        private array $changes,
    ) {
    }

    /**
     * @param  array<string, LevelFacts>  $facts  by level
     * @param  array<string, Length>  $changes  beside the blend, by level; 0 where none is given
     * @param  bool  $returns  whether the change runs out from the hip to the hem
     * @param  Length  $dwell  how far below the waist the line stays on its size; at most half the way is used
     * @param  non-empty-list<string>  $names  of the pattern's sizes
     * @param  bool  $isSwung  whether paper is swung from underarm to waist, which leaves it straight there
     */
    public static function of(
        Sizes $sizes,
        array $facts,
        array $changes,
        SeamDepths $depths,
        bool $returns,
        BlendShape $shape,
        Length $dwell,
        array $names,
        bool $isSwung,
    ): self {
        $stretch = static function (
            Level $upper,
            Level $lower,
            ?Length $top,
            ?Length $end,
            Length $dwell,
            ?Length $hem,
            BlendShape $shape,
        ) use ($sizes, $facts, $changes, $names): ?Stretch {
            $from = $sizes->at($upper);
            $to = $sizes->at($lower);
            if ($from === null || $to === null || $top === null || $end === null) {
                return null;
            }

            return new Stretch(
                from: $names[$from],
                to: $names[$to],
                top: $top,
                start: $top->plus($dwell->shorter($end->minus($top)->dividedBy(2))),
                end: $end,
                shape: $shape,
                gapAtTop: Gap::between($facts[$upper->value], $from, $to),
                gapAtEnd: Gap::between($facts[$lower->value], $from, $to),
                changeAtTop: $changes[$upper->value] ?? Length::zero(),
                changeAtEnd: $changes[$lower->value] ?? Length::zero(),
                hem: $hem,
            );
        };

        return new self(
            $sizes,
            $depths,
            $stretch(Level::Bust, Level::Waist, Length::zero(), $depths->waist, Length::zero(), null, $isSwung ? BlendShape::Straight : $shape),
            $stretch(Level::Waist, Level::Hip, $depths->waist, $depths->hip, $dwell, $returns ? $depths->runsOut() : null, $shape),
            $changes,
        );
    }

    /**
     * Stations every so far from the underarm to the hem, and at the levels.
     *
     * @param  Length  $every  above 0
     * @return list<Station>
     */
    public function stations(Length $every): array
    {
        $end = $this->depths->end();
        if ($end === null) {
            return [];
        }
        $levels = $this->depths->levels();
        $depths = array_keys($levels);
        for ($depth = 0; $depth <= $end->nanometres; $depth += $every->nanometres) {
            $depths[] = $depth;
        }
        $depths = array_unique(array_filter($depths, static fn (int $depth): bool => $depth <= $end->nanometres));
        sort($depths);

        return array_map(fn (int $depth): Station => $this->station(Length::ofNanometres($depth), $levels[$depth] ?? null), $depths);
    }

    /**
     * @return non-empty-list<int> depths in nanometres, rising, between which the line is smooth: its levels, and where
     *   it leaves the waist size
     */
    public function breaks(): array
    {
        $leaving = $this->lower?->start->nanometres;
        $depths = array_unique($leaving === null ? $this->levelDepths() : [...$this->levelDepths(), $leaving]);
        sort($depths);

        return $depths;
    }

    /** @return non-empty-list<int> depths in nanometres of its levels, from the top down */
    public function levelDepths(): array
    {
        $depths = array_map(static fn (Length $depth): int => $depth->nanometres, array_values($this->depths->at($this->sizes)));

        return $depths === [] ? [0] : $depths;
    }

    /** The part a depth belongs to; the waist itself belongs to the part above it. */
    public function stretchAt(Length $depth): ?Stretch
    {
        $belowWaist = $this->depths->waist === null || $this->depths->waist->isLessThan($depth);
        $wholeLower = $this->upper === null && $this->lower?->top->compare($depth) === 0;

        return $belowWaist || $wholeLower ? $this->lower : $this->upper;
    }

    /** The size whose printed line the moves at a depth are counted from. */
    public function sizeAt(Length $depth): ?int
    {
        $stretch = $this->stretchAt($depth);

        return $stretch === null ? null : ($stretch === $this->lower ? $this->sizes->waist : $this->sizes->bust);
    }

    /** Whether a stretch of it is the one below the waist. */
    public function isLower(Stretch $stretch): bool
    {
        return $stretch === $this->lower;
    }

    /** Where it lies at any depth, counted from the printed line of its size there (`sizeAt`). */
    public function stationAt(Length $depth): Station
    {
        return $this->station($depth, null);
    }

    /** What is added to the blend at a depth; 0 where the line is open. */
    public function changeAtDepth(Length $depth): Length
    {
        return $this->station($depth, null)->change ?? Length::zero();
    }

    /** What is added to the blend at a level, away from the middle of the body positive. */
    public function changeAt(Level $level): Length
    {
        return $this->changes[$level->value] ?? Length::zero();
    }

    /** Whether another line is cut just like this one. */
    public function isLike(self $other): bool
    {
        $apart = array_filter(Level::cases(), fn (Level $level): bool => $this->changeAt($level)->compare($other->changeAt($level)) !== 0);

        return $apart === [] && $this->sizes->equals($other->sizes);
    }

    /** Whether it is anything but the blend between the printed lines. */
    public function isChanged(): bool
    {
        return array_filter($this->changes, static fn (Length $change): bool => ! $change->isZero()) !== [];
    }

    private function station(Length $depth, ?string $level): Station
    {
        return $this->stretchAt($depth)?->station($depth, $level) ?? new Station(
            depth: $depth,
            from: null,
            to: null,
            share: null,
            blend: null,
            change: null,
            move: null,
            level: $level,
        );
    }
}
