<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/**
 * The drawing of a tailor's dress stand, not of a person, with the tape where it belongs.
 *
 * Measured in drawing units on a sheet of WIDTH by HEIGHT; heights of the stand run from 0 at the neck
 * to 100 at its lower edge. It is a drawing, so it may use floats.
 */
final readonly class DressStand
{
    public const WIDTH = 260;

    public const HEIGHT = 420;

    private const MIDDLE = 130;

    private const TOP = 26;

    private const PER_HEIGHT = 3.3;

    /** The outline: how far it lies left and right of the middle, by height. */
    private const FRONT = [
        [0, 20, 20], [5, 24, 24], [9, 66, 66], [24, 58, 58], [32, 64, 64],
        [41, 55, 55], [52, 45, 45], [66, 60, 60], [80, 68, 68], [100, 62, 62],
    ];

    private const SIDE = [
        [0, 18, 16], [6, 24, 18], [14, 40, 24], [24, 46, 36], [32, 42, 52],
        [41, 36, 44], [52, 30, 36], [66, 46, 42], [80, 56, 42], [100, 48, 38],
    ];

    private const ARM = [
        [0, 20, 20], [6, 34, 30], [30, 32, 32], [52, 26, 26], [70, 24, 24], [92, 17, 17], [100, 18, 18],
    ];

    /**
     * @param  string  $outline  as an SVG path, closed
     * @param  ?string  $pole  what the stand stands on; an arm has none
     * @param  string  $tape  as an SVG path
     * @param  ?string  $hidden  the part of a girth that runs behind the stand
     * @param  ?string  $arrows  at the two ends of a length, each a closed path
     */
    private function __construct(
        public string $outline,
        public ?string $pole,
        public string $tape,
        public ?string $hidden,
        public ?string $arrows,
    ) {
    }

    public static function with(TapeLine $line): self
    {
        $outline = self::outline($line->view);
        $pole = $line->view === StandView::Arm ? null : 'M130 356v44M84 408h92M117 18a13 7 0 1 0 26 0a13 7 0 1 0 -26 0';
        [$left, $right] = self::sides($line->view, $line->from);
        $y = self::y($line->from);
        if ($line->to === null) {
            $sag = 2 * max(7, ($right - $left) / 9);
            $middle = ($left + $right) / 2;
            $round = static fn (float $through): string => self::path('M%s %sQ%s %s %s %s', $left, $y, $middle, $through, $right, $y);

            return new self($outline, $pole, $round($y + $sag), $round($y - $sag), null);
        }
        $ends = $line->to === $line->from
            ? [[$left, $y], [$right, $y]]
            : [[self::beside($line), $y], [self::beside($line), self::y($line->to)]];

        return new self(
            $outline,
            $pole,
            self::path('M%s %sL%s %s', ...$ends[0], ...$ends[1]),
            null,
            self::arrow($ends[1], $ends[0]).self::arrow($ends[0], $ends[1]),
        );
    }

    /**
     * Where the outline lies at a height.
     *
     * @param  int<0, 100>|int  $height
     * @return array{float, float} left and right
     */
    public static function sides(StandView $view, int $height): array
    {
        $above = self::profile($view)[0];
        foreach (self::profile($view) as $knot) {
            if ($knot[0] >= $height) {
                $way = $knot[0] === $above[0] ? 0 : ($height - $above[0]) / ($knot[0] - $above[0]);

                return [
                    self::MIDDLE - ($above[1] + ($knot[1] - $above[1]) * $way),
                    self::MIDDLE + $above[2] + ($knot[2] - $above[2]) * $way,
                ];
            }
            $above = $knot;
        }

        return [self::MIDDLE - $above[1], self::MIDDLE + $above[2]];
    }

    /** A length that runs off the stand is drawn beside it, another one on it. */
    private static function beside(TapeLine $line): float
    {
        return match (true) {
            $line->from === 0 || $line->to === 100 => self::WIDTH - 34,
            $line->view === StandView::Side => self::MIDDLE,
            default => self::MIDDLE + 22,
        };
    }

    private static function outline(StandView $view): string
    {
        $right = array_map(static fn (array $knot): array => [self::MIDDLE + $knot[2], self::y($knot[0])], self::profile($view));
        $left = array_map(static fn (array $knot): array => [self::MIDDLE - $knot[1], self::y($knot[0])], self::profile($view));

        return self::smooth($right, 'M').self::smooth(array_reverse($left), 'L').'Z';
    }

    /** @return non-empty-list<array{int, int, int}> */
    private static function profile(StandView $view): array
    {
        return match ($view) {
            StandView::Side => self::SIDE,
            StandView::Arm => self::ARM,
            StandView::Front, StandView::Back => self::FRONT,
        };
    }

    private static function y(int $height): float
    {
        return self::TOP + $height * self::PER_HEIGHT;
    }

    /**
     * A smooth curve through the points: at each its slope is that from its neighbour to the other.
     *
     * @param  list<array{int|float, float}>  $points
     * @param  'M'|'L'  $pen  how the first point is reached
     */
    private static function smooth(array $points, string $pen): string
    {
        $slope = static function (int $at) use ($points): float {
            [$above, $below] = [$points[max(0, $at - 1)], $points[min(count($points) - 1, $at + 1)]];

            return ($below[0] - $above[0]) / ($below[1] - $above[1]);
        };
        $path = self::path("{$pen}%s %s", ...$points[0]);
        for ($i = 1; $i < count($points); $i++) {
            [[$x0, $y0], [$x, $y]] = [$points[$i - 1], $points[$i]];
            $third = ($y - $y0) / 3;
            $path .= self::path(
                'C%s %s %s %s %s %s',
                $x0 + $slope($i - 1) * $third,
                $y0 + $third,
                $x - $slope($i) * $third,
                $y - $third,
                $x,
                $y,
            );
        }

        return $path;
    }

    /**
     * The head of an arrow that comes along the tape; tapes run straight down or straight across.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private static function arrow(array $from, array $to): string
    {
        [$x, $y] = $to;
        [$back, $side] = [11, 7];
        if ($from[0] === $x) {
            $base = $y - $back * ($y <=> $from[1]);

            return self::path('M%s %sL%s %sL%s %sZ', $x, $y, $x - $side, $base, $x + $side, $base);
        }
        $base = $x - $back * ($x <=> $from[0]);

        return self::path('M%s %sL%s %sL%s %sZ', $x, $y, $base, $y - $side, $base, $y + $side);
    }

    private static function path(string $form, float|int ...$numbers): string
    {
        return sprintf($form, ...array_map(static fn (float|int $number): string => (string) round($number, 1), $numbers));
    }
}
