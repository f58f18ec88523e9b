<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use OpenApi\Attributes as OA;
use Underbolt\File\NestLines;
use Underbolt\Nest\Corners;
use Underbolt\Nest\DrawnLine;
use Underbolt\Nest\Line;

#[OA\Schema(description: 'a line of a nest as numbers, millimetres of the drawing')]
final readonly class NestDrawnLineData
{
    /** Fine enough for any screen, in millimetres. */
    private const WITHIN_MM = 0.02;

    /**
     * @param  list<string>  $names
     * @param  list<list<float>>  $runs
     * @param  list<float>  $corners
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(description: 'of the groups it lies in, and its own', items: new OA\Items(type: 'string'))] public array $names,
        #[OA\Property(description: 'lines that look alike are likely to be of one size')] public string $look,
        #[OA\Property(description: 'x and y in turn', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $runs,
        #[OA\Property(description: 'x and y in turn', items: new OA\Items(type: 'number'))] public array $corners,
    ) {
    }

    public static function of(DrawnLine $line): self
    {
        $corners = [];
        foreach ($line->runs as $run) {
            foreach (Corners::of($run) as $way) {
                [$x, $y] = $run->at($way);
                array_push($corners, round($x, 2), round($y, 2));
            }
        }

        return new self($line->id, $line->names, $line->look(), array_map(self::numbers(...), $line->runs), $corners);
    }

    /** @return list<float> */
    public static function numbers(Line $run): array
    {
        return array_map(static fn (float $mm): float => round($mm, 2), NestLines::numbers($run, self::WITHIN_MM));
    }
}
