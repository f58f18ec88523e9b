<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Closure;

/** Draws the lines of one length of a ruler. */
final readonly class RulerDrawing
{
    private const TICK_MM = 2.0;

    private const TYPE_MM = 2.9;

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
            $left = min($this->axisMm - self::TICK_MM, $end) - 1;
            $right = max($this->axisMm + self::TICK_MM, $end + $this->allowanceMm) + 1.5;
            $drawn[] = new Label($group, $left, $y + 1, $mark->level === null ? $mark->depth : "{$mark->level} {$mark->depth}", self::TYPE_MM, Anchor::End);
            $drawn[] = new Label($group, $right, $y + 1, "{$mark->line}: {$mark->move}", self::TYPE_MM);
            if ($mark->until !== null) {
                $drawn[] = new Label($group, $right, $y + 4.8, $mark->until, 2.6);
            }
        }

        return $drawn;
    }

    /**
     * The edge to cut out along: from one bar's end to the next, as long as both are measured from the same printed line.
     *
     * @param  list<RulerMark>  $marks
     * @return list<Path>
     */
    public function edge(array $marks): array
    {
        $edges = [];
        foreach ($marks as $i => $mark) {
            $above = $marks[$i - 1] ?? null;
            if ($above !== null && $above->line === $mark->line) {
                $edges[] = $this->joined("{$this->group}-seam", Pen::Stitch, $above, $mark, 0.0);
                if ($this->allowanceMm !== 0.0) {
                    $edges[] = $this->joined("{$this->group}-cut", Pen::Printed, $above, $mark, $this->allowanceMm);
                }
            }
        }

        return $edges;
    }

    private function joined(string $group, Pen $pen, RulerMark $above, RulerMark $mark, float $beyondMm): Path
    {
        return Path::through($group, $pen, [
            [$this->axisMm + $above->moveMm + $beyondMm, $this->y($above->depthMm)], [$this->axisMm + $mark->moveMm + $beyondMm, $this->y($mark->depthMm)],
        ]);
    }
}
