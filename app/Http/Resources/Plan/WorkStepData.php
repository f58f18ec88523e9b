<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Altering\WorkStep;

final readonly class WorkStepData
{
    /**
     * @param  ?int  $amount_nm  longer or wider above 0
     * @param  list<string>  $pieces
     * @param  list<string>  $how  what the hands do for it, one after the other
     */
    public function __construct(
        public string $kind,
        public string $text,
        public ?int $amount_nm,
        public ?int $edges,
        public array $pieces,
        public array $how,
    ) {
    }

    public static function of(WorkStep $step): self
    {
        return new self($step->kind, $step->text, $step->amount?->nanometres, $step->edges, $step->pieces, $step->how);
    }
}
