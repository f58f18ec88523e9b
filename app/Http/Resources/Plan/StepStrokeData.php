<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Work\Pictures\Pen;

final readonly class StepStrokeData
{
    /**
     * @param  string  $path  as an SVG path
     * @param  value-of<Pen>  $pen
     */
    public function __construct(
        public string $path,
        public string $pen,
    ) {
    }
}
