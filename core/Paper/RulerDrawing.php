<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Closure;

/** Draws the lines of one length of a ruler. */
final readonly class RulerDrawing
{
    private const TICK_MM = 2.0;

    /**
     * @param  string  $group  what its groups begin with
     * @param  float  $axisMm  where the axis stands
     * @param  Closure(float): float  $place  of a depth, from the top of the part
     * @param  float  $allowanceMm  beyond each bar; 0 where none is added
     */
    public function __construct(public string $group, public float $axisMm, private Closure $place, public float $widthMm, private float $allowanceMm)
    {
    }

    public function y(float $depthMm): float
    {
        return ($this->place)($depthMm);
    }

    /** @return list<Path> with the arrow of the grain at both ends */
    public function axis(float $fromMm, float $toMm): array
    {
        [$x, $top, $end] = [$this->axisMm, $this->y($fromMm), $this->y($toMm)];
        $grain = "{$this->group}-grain";

        return [
            Path::through($grain, Pen::Grain, [[$x, $top - 3], [$x, $end + 3]]),
            Path::through($grain, Pen::Grain, [[$x - 1.2, $top - 0.5], [$x, $top - 3], [$x + 1.2, $top - 0.5]]),
            Path::through($grain, Pen::Grain, [[$x - 1.2, $end + 0.5], [$x, $end + 3], [$x + 1.2, $end + 0.5]]),
        ];
    }

    /**
     * @param  list<RulerMark>  $marks
     * @return list<Path|Label>
     */
    public function bars(array $marks): array
    {
        $drawn = [];
        foreach ($marks as $mark) {
            [$y, $end] = [$this->y($mark->depthMm), $this->axisMm + $mark->moveMm];
            $group = "{$this->group}-".($mark->level === null ? 'stations' : 'levels');
            $drawn[] = Path::through($group, Pen::Station, [[$this->axisMm - self::TICK_MM, $y], [$this->axisMm + self::TICK_MM, $y]]);
            if ($mark->moveMm !== 0.0) {
                $drawn[] = Path::through($group, Pen::Cut, [[$this->axisMm, $y], [$end, $y]]);
            }
            if ($this->allowanceMm !== 0.0) {
                $beyond = $end + $this->allowanceMm;
                array_push($drawn, Path::through($group, Pen::Station, [[$end, $y], [$beyond, $y]]), Path::through("{$this->group}-cut", Pen::Level, [[$beyond, $y - self::TICK_MM], [$beyond, $y + self::TICK_MM]]));
            }
            $left = min($this->axisMm - self::TICK_MM, $end) - 1;
            $right = max($this->axisMm + self::TICK_MM, $end + $this->allowanceMm) + 1.5;
            $drawn[] = new Label($group, $left, $y + 1, $mark->level === null ? $mark->depth : "{$mark->level} {$mark->depth}", Label::WORDS_MM, Anchor::End);
            $isOn = $mark->moveMm === 0.0;
            $drawn[] = new Label($group, $right, $y + 1.3, $isOn ? "on {$mark->line}" : $mark->move, Label::AMOUNT_MM);
            $under = [...($isOn ? [] : ["from {$mark->line}"]), ...($mark->until === null ? [] : [$mark->until])];
            foreach ($under as $row => $words) {
                $drawn[] = new Label($group, $right, $y + 5.2 + 3.8 * $row, $words, Label::WORDS_MM);
            }
        }

        return $drawn;
    }
}
