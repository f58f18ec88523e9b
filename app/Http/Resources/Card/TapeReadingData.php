<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\TapeReading;
use Underbolt\Measure\Unit;

final readonly class TapeReadingData
{
    /** @param  value-of<Unit>  $unit */
    public function __construct(
        public int $id,
        public string $text,
        public string $unit,
    ) {
    }

    public static function of(TapeReading $reading): self
    {
        return new self($reading->id, $reading->text, $reading->unit->value);
    }
}
