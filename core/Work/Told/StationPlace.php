<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\Gap;
use Underbolt\Seam\Station;

/** A station with how far the line to cut stands there from each printed line. */
final readonly class StationPlace
{
    /**
     * @param  array<int, Length>  $moves  outward positive, by size: a place in the pattern's list; without lines that aren't known there
     * @param  list<int>  $blending  the two that blend there; one where it doesn't
     */
    public function __construct(public Station $station, public array $moves, public array $blending)
    {
    }

    /**
     * @param  list<Station>  $stations  as the plan reckons them
     * @return list<self>
     */
    public static function reckoned(CutLine $line, array $stations, Plan $plan): array
    {
        return array_map(static fn (Station $station): self => self::one($line, $station, $plan), $stations);
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
                $moves[(int) array_search($name, $sizes, true)] = $move;
            }
            $blending = array_map(static fn (?string $name): int => (int) array_search($name, $sizes, true), array_unique([$station->from, $station->to]));

            return new self($station, $moves, self::own($line, $station) ?? array_values($blending));
        }, $stations);
    }

    private static function one(CutLine $line, Station $station, Plan $plan): self
    {
        $stretch = $line->stretchAt($station->depth);
        $from = $line->sizeAt($station->depth);
        if ($stretch === null || $from === null || $station->move === null) {
            return new self($station, [], []);
        }
        [$upper, $lower] = $line->isLower($stretch) ? [Level::Waist, Level::Hip] : [Level::Bust, Level::Waist];
        $facts = $plan->situation->onLine();
        $way = min(1.0, max(0.0, ($station->depth->nanometres - $stretch->top->nanometres) / ($stretch->end->nanometres - $stretch->top->nanometres)));
        $moves = [];
        foreach ($plan->inPlay->sizes as $size) {
            $top = Gap::between($facts[$upper->value], $from, $size);
            $end = Gap::between($facts[$lower->value], $from, $size);
            if ($top !== null && $end !== null) {
                $gap = $top->toFloat() * (1 - $way) + $end->toFloat() * $way;
                $moves[$size] = $size === $from ? $station->move : $station->move->minus(Length::ofNanometres((int) round($gap)));
            }
        }
        $to = $line->sizes->at($lower);

        return new self($station, $moves, self::own($line, $station) ?? array_values(array_unique(array_filter([$from, $to], static fn (?int $size): bool => $size !== null))));
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
