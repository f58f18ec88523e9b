<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Planning\Plan;
use Underbolt\Work\Told\Told;

/** Where the line to cut stands, told by the printed line beside it. */
final readonly class ToldData
{
    /**
     * @param  string  $line  the size whose line it is
     * @param  int  $move_nm  from there, outward positive
     * @param  bool  $is_on  whether the two are one over a stretch
     */
    private function __construct(
        public string $line,
        public int $move_nm,
        public bool $is_on,
    ) {
    }

    public static function of(Told $told, Plan $plan): self
    {
        return new self($plan->nameOf($told->size), $told->move->nanometres, $told->isOn);
    }
}
