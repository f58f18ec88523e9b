<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use Underbolt\Altering\FittingFinding;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\FoundEdges;
use Underbolt\Wearing\FoundLengths;

/** How a finding stands; in the order of the document. */
final readonly class FittingFindingData
{
    /**
     * @param  'line'|'length'|'step'  $goes_into  where it goes
     * @param  'undone'|'open'|'closed'  $stands  undone: the tracing in hand is an earlier one; open: not tried on yet
     */
    private function __construct(
        public string $words,
        public string $goes_into,
        public string $stands,
    ) {
    }

    public static function of(FittingFinding $finding, Fitting $fitting, Unit $unit): self
    {
        return new self(
            "{$finding->deed->told($finding->place, LengthPrint::sentence($finding->amount, $unit))}, {$finding->part->words()}",
            match (true) {
                FoundEdges::isInLine($finding) => 'line',
                FoundLengths::keyOf($finding) !== null => 'length',
                default => 'step',
            },
            match (true) {
                $finding->tracing > $fitting->tracing => 'undone',
                $fitting->isClosed($finding) => 'closed',
                default => 'open',
            },
        );
    }
}
