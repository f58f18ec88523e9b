<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\OwnLine;

#[OA\Schema(description: 'what a line of one\'s own, measured on body and paper, asks for')]
final readonly class OwnLineData
{
    private function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $words,
        #[OA\Property(description: 'null where body and paper agree', nullable: true)] public ?string $amount,
        #[OA\Property] public string $place,
        #[OA\Property] public string $what,
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
