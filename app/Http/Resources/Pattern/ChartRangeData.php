<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

final readonly class ChartRangeData
{
    /**
     * @param  string  $name  of the group of sizes, such as Misses
     * @param  list<string>  $sizes
     */
    public function __construct(public string $name, public array $sizes)
    {
    }
}
