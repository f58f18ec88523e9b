<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Measure\Unit;

/** A piece of tape to be read, counted in its smallest strokes. */
final readonly class TapePieceData
{
    /**
     * @param  value-of<Unit>  $unit
     * @param  int  $strokes  between two figures
     * @param  int  $tip  what stands at its tip
     * @param  int  $meets  what stands where the tip meets it
     */
    public function __construct(
        public string $unit,
        public int $strokes,
        public int $tip,
        public int $meets,
    ) {
    }
}
