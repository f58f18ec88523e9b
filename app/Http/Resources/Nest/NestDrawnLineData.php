<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use Underbolt\File\NestLines;
use Underbolt\Nest\Corners;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;

/** A line of a nest as numbers, millimetres of the drawing. */
final readonly class NestDrawnLineData
{
    /** Fine enough for any screen, in millimetres. */
    private const WITHIN_MM = 0.02;

    /**
     * @param  list<string>  $names  of the groups it lies in, and its own
     * @param  string  $look  lines that look alike are likely to be of one size
     * @param  list<list<float>>  $runs  x and y in turn
     * @param  list<float>  $corners  x and y in turn
     */
    public function __construct(
        public string $id,
        public array $names,
        public string $look,
        public array $runs,
        public array $corners,
    ) {
    }

    public static function of(DrawnLine $line): self
    {
        return new self($line->id, $line->names, $line->look(), array_map(self::numbers(...), $line->runs), self::corners($line));
    }

    /** @return list<float> x and y in turn */
    public static function corners(DrawnLine $line): array
    {
        $corners = [];
        foreach ($line->runs as $run) {
            foreach (Corners::of($run) as $way) {
                [$x, $y] = $run->at($way);
                array_push($corners, round($x, 2), round($y, 2));
            }
        }

        return $corners;
    }

    /** @return list<float> */
    public static function numbers(Line $run): array
    {
        return array_map(static fn (float $mm): float => round($mm, 2), NestLines::numbers($run, self::WITHIN_MM));
    }
}
