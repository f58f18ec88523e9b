<?php

declare(strict_types=1);

namespace Underbolt\Nest\Pages;

use Underbolt\Nest\ClipBox;

/** Where the lines of a page are cut off at its edges, and what of it lies at a height or a breadth. */
final class PageEdges
{
    private const AT_EDGE_MM = 0.6;

    private const BUCKET_MM = 10.0;

    private const BEYOND_MM = 0.3;

    /** @var array<string, list<array{float, float, float}>> by `left`, `right`, `top`, `bottom`: places and the direction in which the line runs there */
    public array $ends = ['left' => [], 'right' => [], 'top' => [], 'bottom' => []];

    /** @var array<string, array<int, list<array{float, float, float, float}>>> the straight pieces by `x` or `y`, in strips */
    private array $strips = ['x' => [], 'y' => []];

    public function __construct(PrintedPage $page, ClipBox $window)
    {
        foreach ($page->lines as $line) {
            $run = $line->runs[0];
            $last = count($run->x) - 1;
            foreach ($run->isClosed ? [] : [[0, 1], [$last, $last - 1]] as [$at, $next]) {
                [$x, $y] = [$run->x[$at], $run->y[$at]];
                $end = [$x, $y, atan2($run->y[$next] - $y, $run->x[$next] - $x)];
                foreach (['left' => abs($x - $window->left), 'right' => abs($x - $window->right), 'top' => abs($y - $window->top), 'bottom' => abs($y - $window->bottom)] as $edge => $away) {
                    if ($away <= self::AT_EDGE_MM) {
                        $this->ends[$edge][] = $end;
                    }
                }
                // A hair further, so that lines that end where the next begins cross there.
                $this->put([$x, $y, $x - self::BEYOND_MM * cos($end[2]), $y - self::BEYOND_MM * sin($end[2])]);
            }
            for ($i = 1; $i <= $last; $i++) {
                $this->put([$run->x[$i - 1], $run->y[$i - 1], $run->x[$i], $run->y[$i]]);
            }
        }
    }

    /** @param  array{float, float, float, float}  $piece */
    private function put(array $piece): void
    {
        foreach (['x' => [$piece[0], $piece[2]], 'y' => [$piece[1], $piece[3]]] as $axis => [$from, $to]) {
            for ($strip = self::strip(min($from, $to)), $end = self::strip(max($from, $to)); $strip <= $end; $strip++) {
                $this->strips[$axis][$strip][] = $piece;
            }
        }
    }

    /**
     * Where its lines cross a straight one.
     *
     * @param  string  $axis  `y` for a level line at that height, `x` for an upright one
     * @return list<array{float, float}> the other figure of each place, and the direction of the line
     */
    public function crossings(string $axis, float $at): array
    {
        $found = [];
        foreach ($this->strips[$axis][self::strip($at)] ?? [] as [$fromX, $fromY, $toX, $toY]) {
            [$a, $b, $c, $d] = $axis === 'y' ? [$fromY, $toY, $fromX, $toX] : [$fromX, $toX, $fromY, $toY];
            if ($a !== $b && ($a - $at) * ($b - $at) <= 0) {
                $found[] = [$c + ($at - $a) / ($b - $a) * ($d - $c), atan2($toY - $fromY, $toX - $fromX)];
            }
        }

        return $found;
    }

    /** How far the nearest of its lines is from a place; far where none is near. */
    public function away(float $x, float $y): float
    {
        $best = INF;
        for ($strip = self::strip($y - 1), $end = self::strip($y + 1); $strip <= $end; $strip++) {
            foreach ($this->strips['y'][$strip] ?? [] as [$fromX, $fromY, $toX, $toY]) {
                [$dx, $dy] = [$toX - $fromX, $toY - $fromY];
                $square = $dx * $dx + $dy * $dy;
                $share = $square === 0.0 ? 0.0 : min(1.0, max(0.0, (($x - $fromX) * $dx + ($y - $fromY) * $dy) / $square));
                $best = min($best, hypot($fromX + $share * $dx - $x, $fromY + $share * $dy - $y));
            }
        }

        return $best;
    }

    private static function strip(float $at): int
    {
        return (int) floor($at / self::BUCKET_MM);
    }
}
