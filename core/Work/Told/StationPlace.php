<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\Gap;
use Underbolt\Seam\Station;
use Underbolt\Sizing\LevelFacts;

/** A station with how far the line to cut stands there from each printed line. */
final readonly class StationPlace
{
    /**
     * @param  array<int, int>  $moves  nanometres, outward positive, by size: a place in the pattern's list; without lines that aren't known there
     * @param  list<int>  $blending  the two that blend there; one where it doesn't
     */
    public function __construct(public Station $station, public array $moves, public array $blending)
    {
    }

    /** The same place, so much further in. */
    public function lessBy(Length $spread): self
    {
        return new self($this->station, array_map(static fn (int $move): int => $move - $spread->nanometres, $this->moves), $this->blending);
    }

    /**
     * @param  list<Station>  $stations  as the plan reckons them
     * @return list<self>
     */
    public static function reckoned(CutLine $line, array $stations, Plan $plan): array
    {
        $facts = $plan->situation->onLine();
        $kept = [];
        $gapsOf = static function (Level $upper, Level $lower, int $from) use (&$kept, $facts, $plan): array {
            return $kept[$lower->value] ??= self::gaps($facts[$upper->value], $facts[$lower->value], $from, $plan->inPlay->sizes);
        };

        return array_map(static fn (Station $station): self => self::one($line, $station, $gapsOf), $stations);
    }

    /**
     * @param  list<int>  $sizes
     * @return array<int, array{float, float}> nanometres out from one printed line to each of the others at a stretch's top, and
     *   what is added to its end, by size; without those that no figure tells
     */
    private static function gaps(LevelFacts $upper, LevelFacts $lower, int $from, array $sizes): array
    {
        $gaps = [];
        foreach ($sizes as $size) {
            $top = Gap::nanometres($upper, $from, $size);
            $end = Gap::nanometres($lower, $from, $size);
            if ($top !== null && $end !== null) {
                $gaps[$size] = [$top, $end - $top];
            }
        }

        return $gaps;
    }

    /**
     * @param  list<Station>  $stations  read off a nest, where each holds its moves from the lines drawn there
     * @return list<self>
     */
    public static function read(CutLine $line, array $stations, Plan $plan): array
    {
        $sizes = $plan->make->pattern->sizes;

        return array_map(static function (Station $station) use ($sizes, $line): self {
            $moves = [];
            foreach ($station->moves as [$name, $move]) {
                $moves[(int) array_search($name, $sizes, true)] = $move->nanometres;
            }
            $blending = array_map(static fn (?string $name): int => (int) array_search($name, $sizes, true), array_unique([$station->from, $station->to]));

            return new self($station, $moves, self::own($line, $station) ?? array_values($blending));
        }, $stations);
    }

    /** @param  callable(Level, Level, int): array<int, array{float, float}>  $gapsOf  a stretch, from one size's line */
    private static function one(CutLine $line, Station $station, callable $gapsOf): self
    {
        $stretch = $line->stretchAt($station->depth);
        $from = $line->sizeAt($station->depth);
        if ($stretch === null || $from === null || $station->move === null) {
            return new self($station, [], []);
        }
        [$upper, $lower] = $line->isLower($stretch) ? [Level::Waist, Level::Hip] : [Level::Bust, Level::Waist];
        $way = min(1.0, max(0.0, ($station->depth->nanometres - $stretch->top->nanometres) / ($stretch->end->nanometres - $stretch->top->nanometres)));
        $move = $station->move->nanometres;
        $to = $line->sizes->at($lower);
        $blending = self::own($line, $station) ?? ($to === null || $to === $from ? [$from] : [$from, $to]);
        $moves = [];
        [$one, $other] = [$blending[0], $blending[1] ?? $blending[0]];
        foreach ($gapsOf($upper, $lower, $from) as $size => [$top, $grows]) {
            $gap = $top + $grows * $way;
            // The others are never told from, and there may be dozens.
            if (abs($move - $gap) <= ToldSide::ON_NM || $size === $one || $size === $other) {
                $moves[$size] = $move - (int) round($gap);
            }
        }

        return new self($station, $moves, $blending);
    }

    /**
     * At a level the blend has arrived: there is one line to tell it from.
     *
     * @return ?array{int}
     */
    private static function own(CutLine $line, Station $station): ?array
    {
        $size = $station->level === null ? null : $line->sizes->at(Level::from($station->level));

        return $size === null ? null : [$size];
    }
}
