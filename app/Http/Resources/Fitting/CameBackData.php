<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\CameBack;

/** A finding that came back from make to make; taken only by hand. */
final readonly class CameBackData
{
    /**
     * @param  string  $amount  as it would be typed
     * @param  list<string>  $pieces
     */
    private function __construct(
        public string $words,
        public string $place,
        public string $what,
        public string $amount,
        public string $where,
        public array $pieces,
    ) {
    }

    public static function of(CameBack $back, Unit $unit): self
    {
        $amount = LengthPrint::sentence($back->latest->amount, $unit);

        return new self(ucfirst($back->words($amount)), $back->latest->place->value, $back->latest->deed->value, $amount, $back->latest->part->value, $back->latest->pieces);
    }
}
