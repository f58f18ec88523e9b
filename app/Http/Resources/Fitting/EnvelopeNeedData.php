<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Paper\Range;

#[OA\Schema(description: 'an envelope that holds sizes which are cut')]
final readonly class EnvelopeNeedData
{
    private function __construct(#[OA\Property] public string $name, #[OA\Property] public bool $owned)
    {
    }

    public static function of(Range $range): self
    {
        return new self($range->name, $range->owned);
    }
}
