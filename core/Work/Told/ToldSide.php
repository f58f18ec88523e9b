<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\CutLine;

/** The line of one side, told: at the levels always, at stations where depths are known. */
final readonly class ToldSide
{
    /** Over a stretch this near to a printed line nobody draws beside it: 1 mm. */
    public const ON_NM = 1_000_000;

    /**
     * @param  list<ToldStation>  $stations
     * @param  list<Level>  $straightTo  the levels to which it is known to run straight from the one above
     */
    private function __construct(public array $stations, private CutLine $line, private bool $isRead, public array $straightTo)
    {
    }

    /**
     * @param  list<StationPlace>  $places
     * @param  bool  $isRead  whether they were read off the pattern's own lines
     * @param  list<Level>  $straightTo  the levels to which it is known to run straight from the one above
     */
    public static function of(CutLine $line, array $places, bool $isRead, array $straightTo): self
    {
        $stations = [];
        foreach ($places as $i => $place) {
            $stations[] = new ToldStation($place->station, self::told($place, $places[$i - 1] ?? null, $places[$i + 1] ?? null), $place->moves);
        }

        return new self($stations, $line, $isRead, $straightTo);
    }

    /** @return list<ToldStation> those between two levels; none where one of the two has no station */
    public function between(Level $upper, Level $lower): array
    {
        $at = array_map(static fn (ToldStation $one): ?string => $one->station->level, $this->stations);
        [$from, $to] = [array_search($upper->value, $at, true), array_search($lower->value, $at, true)];

        return $from === false || $to === false ? [] : array_slice($this->stations, $from + 1, $to - $from - 1);
    }

    /** Where it lies at any depth, as the figures tell it: also on a drawing, whose stations stand where they were read. */
    public function atDepth(Length $depth, Plan $plan): ?Told
    {
        return self::told(StationPlace::reckoned($this->line, [$this->line->stationAt($depth)], $plan)[0], null, null);
    }

    /** How far the line that is drawn lies outside a size's own at a level: as it was read off a drawing, else as it was reckoned. */
    public function moveFrom(Level $level, int $size): Length
    {
        foreach ($this->stations as $one) {
            if ($this->isRead && $one->station->level === $level->value && isset($one->moves[$size])) {
                return Length::ofNanometres($one->moves[$size]);
            }
        }

        return $this->line->changeAt($level);
    }

    /** At a level; null where it has no size. There the line to cut lies on that level's size but for its change. */
    public function at(Level $level): ?Told
    {
        foreach ($this->stations as $one) {
            if ($one->station->level === $level->value && $one->told !== null) {
                return $one->told;
            }
        }
        $size = $this->line->sizes->at($level);
        $change = $this->line->changeAt($level);

        return $size === null ? null : new Told($size, $change, self::isNear($change));
    }

    private static function told(StationPlace $place, ?StationPlace $above, ?StationPlace $below): ?Told
    {
        $best = null;
        $isBestOn = false;
        foreach ($place->moves as $size => $move) {
            $isOn = abs($move) <= self::ON_NM && (self::isOn($above, $size) || self::isOn($below, $size));
            // Of all lines the one that it lies on; else the nearer of the two that blend there.
            $isMeant = $isOn || in_array($size, $place->blending, true);
            if ($isMeant && ($best === null || ($isOn && ! $isBestOn) || ($isOn === $isBestOn && abs($move) < abs($place->moves[$best])))) {
                [$best, $isBestOn] = [$size, $isOn];
            }
        }

        return $best === null ? null : new Told($best, Length::ofNanometres($place->moves[$best]), $isBestOn);
    }

    private static function isOn(?StationPlace $place, int $size): bool
    {
        return isset($place->moves[$size]) && abs($place->moves[$size]) <= self::ON_NM;
    }

    private static function isNear(Length $move): bool
    {
        return $move->abs()->nanometres <= self::ON_NM;
    }
}
