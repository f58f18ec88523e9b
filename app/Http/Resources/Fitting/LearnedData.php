<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Http\Resources\Plan\BenchData;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'the make with an ease that was learned, and what is in that ease already')]
final readonly class LearnedData
{
    /** @param  list<string>  $took_back */
    public function __construct(
        #[OA\Property(ref: BenchData::class)] public BenchData $bench,
        #[OA\Property(description: 'in words, what was taken back', items: new OA\Items(type: 'string'))] public array $took_back,
        #[OA\Property(ref: FittingDocument::class, description: 'as it was before')] public stdClass $fitting_before,
    ) {
    }
}
