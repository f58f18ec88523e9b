<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Alternative;
use Underbolt\Planning\Plan;
use Underbolt\Planning\ReceiptLine;

#[OA\Schema]
final readonly class AlternativeData
{
    /**
     * @param  array<string, string>  $sizes
     * @param  list<ReceiptLineData>  $receipt
     */
    public function __construct(
        #[OA\Property(enum: ['best', 'one_size', 'closest', 'least_work'])] public string $name,
        #[OA\Property(type: 'object', description: 'by level', additionalProperties: new OA\AdditionalProperties(type: 'string'))] public array $sizes,
        #[OA\Property] public float $cost,
        #[OA\Property(items: new OA\Items(ref: ReceiptLineData::class))] public array $receipt,
        #[OA\Property(description: 'whether these are the sizes of the plan')] public bool $chosen,
    ) {
    }

    public static function of(Alternative $alternative, Plan $plan): self
    {
        return new self(
            $alternative->name,
            array_map($plan->nameOf(...), $alternative->sizes),
            $alternative->cost,
            array_map(static fn (ReceiptLine $line): ReceiptLineData => new ReceiptLineData($line->what, $line->cost), $alternative->receipt),
            $alternative->sizes === $plan->sizes,
        );
    }
}
