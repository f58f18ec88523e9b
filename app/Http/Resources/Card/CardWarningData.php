<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use OpenApi\Attributes as OA;
use Underbolt\Measure\CardWarning;

#[OA\Schema]
final readonly class CardWarningData
{
    public function __construct(
        #[OA\Property(description: 'what an answer is kept under')] public string $key,
        #[OA\Property] public ?string $point,
        #[OA\Property] public string $text,
        #[OA\Property(description: 'it is so')] public bool $answered,
    ) {
    }

    /** @param  list<string>  $answers */
    public static function of(CardWarning $finding, array $answers): self
    {
        return new self($finding->key(), $finding->point?->value, $finding->text, in_array($finding->key(), $answers, true));
    }
}
