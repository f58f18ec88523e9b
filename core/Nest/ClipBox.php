<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** An upright rectangle outside which nothing of a drawing is seen, in millimetres. */
final readonly class ClipBox
{
    private const UPRIGHT_MM = 0.01;

    public function __construct(public float $left, public float $top, public float $right, public float $bottom)
    {
    }

    /** The rectangle that a drawing is clipped to; null where the shape is another, and nothing is cut off by it. */
    public static function of(SvgElement $clipPath, Matrix $matrix): ?self
    {
        if (count($clipPath->children) !== 1) {
            return null;
        }
        $shape = $clipPath->children[0];
        $builder = new LineBuilder($matrix->times($clipPath->transform())->times($shape->transform()), new PointBudget);
        SvgShapes::draw($shape, $builder);
        $runs = $builder->lines();
        if (count($runs) !== 1 || count($runs[0]->x) > 5) {
            return null;
        }
        [$left, $top, $right, $bottom] = $runs[0]->box();
        foreach ($runs[0]->points() as [$x, $y]) {
            if (min(abs($x - $left), abs($x - $right)) > self::UPRIGHT_MM || min(abs($y - $top), abs($y - $bottom)) > self::UPRIGHT_MM) {
                return null;
            }
        }

        return new self($left, $top, $right, $bottom);
    }

    public function within(?self $other): self
    {
        return $other === null ? $this : new self(
            max($this->left, $other->left),
            max($this->top, $other->top),
            min($this->right, $other->right),
            min($this->bottom, $other->bottom),
        );
    }

    /** @return list<Line> what is seen of a line, in the order it is drawn */
    public function cut(Line $line): array
    {
        [$left, $top, $right, $bottom] = $line->box();
        if ($left >= $this->left && $right <= $this->right && $top >= $this->top && $bottom <= $this->bottom) {
            return [$line];
        }
        $parts = [];
        $points = [];
        for ($i = 1, $all = count($line->x); $i < $all; $i++) {
            $seen = $this->seen($line->x[$i - 1], $line->y[$i - 1], $line->x[$i], $line->y[$i]);
            if ($seen === null) {
                self::finish($points, $parts);

                continue;
            }
            if ($seen[0] > 0.0 || $points === []) {
                self::finish($points, $parts);
                $points[] = self::at($line, $i, $seen[0]);
            }
            $points[] = self::at($line, $i, $seen[1]);
            if ($seen[1] < 1.0) {
                self::finish($points, $parts);
            }
        }
        self::finish($points, $parts);

        return self::closed($line, $parts);
    }

    /**
     * A closed line is whole where it begins and ends inside.
     *
     * @param  list<Line>  $parts
     * @return list<Line>
     */
    private static function closed(Line $line, array $parts): array
    {
        $last = count($parts) - 1;
        if ($last < 1 || ! $line->isClosed) {
            return $parts;
        }
        $end = count($parts[$last]->x) - 1;
        $meets = $parts[0]->x[0] === $line->x[0] && $parts[0]->y[0] === $line->y[0]
            && $parts[$last]->x[$end] === $line->x[count($line->x) - 1] && $parts[$last]->y[$end] === $line->y[count($line->y) - 1];

        return $meets ? [$parts[$last]->followedBy($parts[0]), ...array_slice($parts, 1, -1)] : $parts;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @param  list<Line>  $parts
     */
    private static function finish(array &$points, array &$parts): void
    {
        if (count($points) > 1) {
            $parts[] = Line::through($points);
        }
        $points = [];
    }

    /** @return array{float, float} */
    private static function at(Line $line, int $piece, float $share): array
    {
        return match ($share) {
            0.0 => [$line->x[$piece - 1], $line->y[$piece - 1]],
            1.0 => [$line->x[$piece], $line->y[$piece]],
            default => [
                $line->x[$piece - 1] + $share * ($line->x[$piece] - $line->x[$piece - 1]),
                $line->y[$piece - 1] + $share * ($line->y[$piece] - $line->y[$piece - 1]),
            ],
        };
    }

    /** @return ?array{float, float} from which share of a piece to which it is seen (Liang and Barsky, 1984) */
    private function seen(float $fromX, float $fromY, float $toX, float $toY): ?array
    {
        [$from, $to] = [0.0, 1.0];
        [$dx, $dy] = [$toX - $fromX, $toY - $fromY];
        foreach ([[-$dx, $fromX - $this->left], [$dx, $this->right - $fromX], [-$dy, $fromY - $this->top], [$dy, $this->bottom - $fromY]] as [$by, $room]) {
            if ($by === 0.0 || $by === -0.0) {
                if ($room < 0.0) {
                    return null;
                }
            } elseif ($by < 0.0) {
                $from = max($from, $room / $by);
            } else {
                $to = min($to, $room / $by);
            }
        }

        return $from < $to ? [$from, $to] : null;
    }
}
