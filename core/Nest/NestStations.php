<?php

declare(strict_types=1);

namespace Underbolt\Nest;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;

/** How far the new line stands from the printed one beside it, at any depth: read off an upright drawing, on the paper at the moment of drawing. */
final readonly class NestStations
{
    private const NM_OF_A_MM = 1e6;

    /** No pencil is finer, in millimetres. */
    private const DECIMALS = 2;

    /** In hundredths of a millimetre. */
    private const BESIDE_A_LEVEL = 300;

    /** A pencil line beside a ruler. */
    private const STRAIGHT_MM = 1.0;

    /** Front and back that differ by no more are cut alike, in millimetres. */
    private const ALIKE_MM = 0.1;

    public function __construct(
        public Line $seam,
        public SizeLine $bust,
        public SizeLine $waist,
        public SizeLine $hip,
        public float $waistY,
        public float $hipY,
    ) {
    }

    /**
     * Of both pieces at the same depths: every so far down from the underarm, and at the levels of each.
     *
     * @param  self  $back  the front's own where the back is cut like it
     */
    public static function table(self $front, self $back, Length $every): StationTable
    {
        $levels = $front->levels() + $back->levels();
        $step = $every->nanometres / self::NM_OF_A_MM;
        $depths = array_keys($levels);
        for ($depth = 0.0; $depth <= max($front->end(), $back->end()); $depth += $step) {
            // Beside a level it would say the same once more, and stand in its way.
            $near = array_filter(array_keys($levels), static fn (int $level): bool => abs($level - self::key($depth)) < self::BESIDE_A_LEVEL);
            if ($near === []) {
                $depths[] = self::key($depth);
            }
        }
        $depths = array_unique($depths);
        sort($depths);
        $read = static fn (self $piece): array => array_map(static fn (int $depth): Station => $piece->station($depth, $piece->levels()[$depth] ?? null), $depths);
        [$fronts, $backs] = [$read($front), $read($back)];

        return new StationTable($fronts, self::areAlike($fronts, $backs) ? null : $backs, true, $front->straightTo(), $back->straightTo());
    }

    /** @return list<Level> to which the seam runs straight from the level above */
    private function straightTo(): array
    {
        $heights = [Level::Bust->value => $this->seam->y[0], Level::Waist->value => $this->waistY, Level::Hip->value => $this->hipY];

        return array_values(array_filter([Level::Waist, Level::Hip], function (Level $level) use ($heights): bool {
            [$from, $to] = [$this->seam->firstAt($heights[$level === Level::Waist ? Level::Bust->value : Level::Waist->value]), $this->seam->firstAt($heights[$level->value])];

            return $from !== null && $to !== null && $this->seam->between($from, $to)->isStraight(self::STRAIGHT_MM);
        }));
    }

    /** @param  int  $depth  in hundredths of a millimetre */
    private function station(int $depth, ?string $level): Station
    {
        $height = $this->seam->y[0] + $depth / 100;
        $isAbove = $height <= $this->waistY + 1 / 100;
        [$from, $to] = $isAbove ? [$this->bust, $this->waist] : [$this->waist, $this->hip];
        [$new, $printed] = [$this->seam->firstAt($height), $from->seam->firstAt($height)];
        // Where an underarm lies lower than another there is no line beside it yet.
        $move = $new === null || $printed === null ? null : round($this->seam->at($new)[0] - $from->seam->at($printed)[0], self::DECIMALS);

        return new Station(
            depth: self::length($depth / 100),
            from: $from->size,
            to: $to->size,
            share: null,
            blend: null,
            change: null,
            move: $move === null ? null : self::length($move),
            level: $level,
            moves: $new === null ? [] : $this->moves($height, $this->seam->at($new)[0]),
        );
    }

    /** @return list<array{string, Length}> */
    private function moves(float $height, float $x): array
    {
        $moves = [];
        foreach ([$this->bust, $this->waist, $this->hip] as $line) {
            $at = $line->seam->firstAt($height);
            if ($at !== null) {
                $moves[] = [$line->size, self::length(round($x - $line->seam->at($at)[0], self::DECIMALS))];
            }
        }

        return $moves;
    }

    /** @return array<int, string> by depth, in hundredths of a millimetre */
    private function levels(): array
    {
        $top = $this->seam->y[0];

        return [0 => 'bust', self::key($this->waistY - $top) => 'waist', self::key($this->hipY - $top) => 'hip'];
    }

    private function end(): float
    {
        return $this->seam->y[count($this->seam->y) - 1] - $this->seam->y[0];
    }

    private static function key(float $mm): int
    {
        return (int) round(100 * $mm);
    }

    private static function length(float $mm): Length
    {
        return Length::ofNanometres((int) round($mm * self::NM_OF_A_MM));
    }

    /**
     * @param  list<Station>  $fronts
     * @param  list<Station>  $backs
     */
    private static function areAlike(array $fronts, array $backs): bool
    {
        foreach ($fronts as $i => $front) {
            $back = $backs[$i];
            $apart = ($front->move->nanometres ?? 0) - ($back->move->nanometres ?? 0);
            if ($front->from !== $back->from || $front->to !== $back->to || abs($apart) > self::ALIKE_MM * self::NM_OF_A_MM) {
                return false;
            }
        }

        return true;
    }
}
