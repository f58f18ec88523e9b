<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\Planning\Plan;
use Underbolt\Work\Steps\StepAmount;

/** An amount as it is applied, with its place; lengths in whole nanometres. */
final readonly class StepAmountData
{
    /**
     * @param  string  $at  where on the garment
     * @param  string  $edge  which edges get it, in words
     * @param  int  $amount_nm  outward or longer above 0
     * @param  'out'|'in'|'longer'|'shorter'|'up'|'down'  $way
     * @param  ?string  $on  the printed line that the edge lies on, where that is what is told
     * @param  bool  $is_measured  whether hands can measure it: else the line alone is told
     * @param  int  $per  how many edges get it
     */
    public function __construct(
        public string $at,
        public string $piece,
        public string $edge,
        public int $amount_nm,
        public bool $is_measured,
        public string $way,
        public int $per,
        public int $total_nm,
        public ?string $on,
    ) {
    }

    public static function of(StepAmount $amount, Plan $plan): self
    {
        $isMeasured = $plan->make->canBeDone($amount->amount);
        $line = $amount->on ?? ($isMeasured ? null : $amount->line);

        return new self(at: $amount->at(), piece: $amount->piece(), edge: $amount->edge(), amount_nm: $amount->amount->nanometres, is_measured: $isMeasured, way: $amount->way(), per: $amount->per, total_nm: $amount->total()->nanometres, on: $line === null ? null : $plan->lineOf($line));
    }
}
