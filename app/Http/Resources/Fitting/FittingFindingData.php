<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\FittingFinding;
use Underbolt\Wearing\FoundEdges;
use Underbolt\Wearing\FoundLengths;

#[OA\Schema(description: 'how a finding stands; in the order of the document')]
final readonly class FittingFindingData
{
    private function __construct(
        #[OA\Property] public string $words,
        #[OA\Property(description: 'where it goes', enum: ['line', 'length', 'step'])] public string $goes_into,
        #[OA\Property(description: 'undone: the tracing in hand is an earlier one; open: not tried on yet', enum: ['undone', 'open', 'closed'])] public string $stands,
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
