<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\OwnLine;

/** What a line of one's own, measured on body and paper, asks for. */
final readonly class OwnLineData
{
    /** @param  ?string  $amount  null where body and paper agree */
    private function __construct(
        public string $name,
        public string $words,
        public ?string $amount,
        public string $place,
        public string $what,
    ) {
    }

    public static function of(OwnLine $line, Unit $unit): self
    {
        $lacks = $line->lacks();
        $amount = LengthPrint::sentence($lacks->abs(), $unit);

        return new self(
            $line->name,
            $lacks->isZero() ? 'Body and paper agree.' : "The paper is {$amount} too ".($lacks->isPositive() ? 'small' : 'large').' there.',
            $lacks->isZero() ? null : $amount,
            $line->place->value,
            $line->deed()->value,
        );
    }
}
