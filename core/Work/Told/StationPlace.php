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
        $gaps = [];
        $gapsAt = static function (Level $level, int $from) use (&$gaps, $facts, $plan): array {
            return $gaps[$level->value][$from] ??= self::gaps($facts[$level->value], $from, $plan->inPlay->sizes);
        };

        return array_map(static fn (Station $station): self => self::one($line, $station, $gapsAt), $stations);
    }

    /**
     * @param  list<int>  $sizes
     * @return array<int, float> nanometres out from one printed line to each of the others, by size; without those that no figure tells
     */
    private static function gaps(LevelFacts $facts, int $from, array $sizes): array
    {
        $gaps = [];
        foreach ($sizes as $size) {
            $gap = Gap::nanometres($facts, $from, $size);
            if ($gap !== null) {
                $gaps[$size] = $gap;
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

    /** @param  callable(Level, int): array<int, float>  $gapsAt  a level, from one size's line */
    private static function one(CutLine $line, Station $station, callable $gapsAt): self
    {
        $stretch = $line->stretchAt($station->depth);
        $from = $line->sizeAt($station->depth);
        if ($stretch === null || $from === null || $station->move === null) {
            return new self($station, [], []);
        }
        [$upper, $lower] = $line->isLower($stretch) ? [Level::Waist, Level::Hip] : [Level::Bust, Level::Waist];
        $way = min(1.0, max(0.0, ($station->depth->nanometres - $stretch->top->nanometres) / ($stretch->end->nanometres - $stretch->top->nanometres)));
        $move = $station->move->nanometres;
        $ends = $gapsAt($lower, $from);
        $to = $line->sizes->at($lower);
        $blending = self::own($line, $station) ?? array_values(array_unique(array_filter([$from, $to], static fn (?int $size): bool => $size !== null)));
        $moves = [];
        foreach ($gapsAt($upper, $from) as $size => $gap) {
            if (isset($ends[$size])) {
                $out = $size === $from ? $move : $move - (int) round($gap * (1 - $way) + $ends[$size] * $way);
                // The others are never told from, and there may be dozens.
                if (abs($out) <= ToldSide::ON_NM || in_array($size, $blending, true)) {
                    $moves[$size] = $out;
                }
            }
        }

        return new self($station, $moves, $blending);
    }

    /**
     * At a level the blend has arrived: there is one line to tell it from.
     *
     * @return ?list<int>
     */
    private static function own(CutLine $line, Station $station): ?array
    {
        $size = $station->level === null ? null : $line->sizes->at(Level::from($station->level));

        return $size === null ? null : [$size];
    }
}
