<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Planning\Plan;

#[OA\Schema]
final readonly class AlternativeData
{
    /**
     * @param  array<string, string>  $sizes
     * @param  list<ReceiptLineData>  $receipt
     */
    public function __construct(
        #[OA\Property(enum: ['best', 'one_size', 'closest', 'by_finished', 'nearer'])] public string $name,
        #[OA\Property(
            type: 'object',
            description: 'by level',
            additionalProperties: new OA\AdditionalProperties(type: 'string'),
        )] public array $sizes,
        #[OA\Property] public float $cost,
        #[OA\Property(items: new OA\Items(ref: ReceiptLineData::class))] public array $receipt,
        #[OA\Property(description: 'whether taking it adjusts the bust to its size')] public bool $adjusts_bust,
        #[OA\Property(description: 'whether these are the sizes and adjustment of the plan')] public bool $chosen,
    ) {
    }

    public static function of(Alternative $alternative, Plan $plan): self
    {
        // A bust that is adjusted to these sizes alone has to be asked for.
        $adjustsNow = $plan->make->choices->adjustBust && $plan->situation->lookup !== null;
        $adjusts = $alternative->adjustsBust === $adjustsNow || ! $alternative->adjustsBust;

        return new self(
            name: $alternative->name->value,
            sizes: array_map($plan->nameOf(...), $alternative->sizes->known()),
            cost: $alternative->cost,
            receipt: array_map(
                static fn (ReceiptLine $line): ReceiptLineData => new ReceiptLineData($line->what, $line->cost),
                $alternative->receipt,
            ),
            adjusts_bust: $alternative->adjustsBust,
            chosen: $adjusts && $alternative->sizes->equals($plan->sizes),
        );
    }
}
