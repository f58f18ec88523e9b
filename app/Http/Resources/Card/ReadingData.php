<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Models\Reading;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;

final readonly class ReadingData
{
    /**
     * @param  int  $attempt  which try, from 1
     * @param  string  $text  as typed
     * @param  value-of<Unit>  $unit  meant where the text names none
     * @param  bool  $picked  said to be the one that counts
     */
    public function __construct(
        public string $point,
        public int $attempt,
        public string $text,
        public string $unit,
        public bool $names_unit,
        public int $length_nm,
        public bool $picked,
    ) {
    }

    public static function of(Reading $reading): self
    {
        return new self(
            point: $reading->point->value,
            attempt: $reading->attempt,
            text: $reading->text,
            unit: $reading->unit->value,
            names_unit: LengthText::namesUnit($reading->text),
            length_nm: $reading->nanometres,
            picked: $reading->picked,
        );
    }
}
