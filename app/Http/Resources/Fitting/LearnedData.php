<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Http\Resources\Plan\BenchData;
use OpenApi\Attributes as OA;
use stdClass;

/** The make with an ease that was learned, and what is in that ease already. */
final readonly class LearnedData
{
    /**
     * @param  list<string>  $took_back  in words, what was taken back
     * @param  ?string  $cut_in  the size that was set as well: this pattern was right in it
     */
    public function __construct(
        public BenchData $bench,
        public array $took_back,
        public ?string $cut_in,
        #[OA\Property(ref: FittingDocument::class, description: 'as it was before')] public stdClass $fitting_before,
    ) {
    }
}
