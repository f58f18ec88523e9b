<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Planning\Choosing\Alternative;
use Underbolt\Planning\Choosing\AlternativeName;
use Underbolt\Planning\Choosing\ReceiptLine;
use Underbolt\Planning\Plan;

final readonly class AlternativeData
{
    /**
     * @param  value-of<AlternativeName>  $name
     * @param  array<string, string>  $sizes  by level
     * @param  list<ReceiptLineData>  $receipt
     * @param  bool  $adjusts_bust  whether taking it adjusts the bust to its size
     * @param  bool  $chosen  whether these are the sizes and adjustment of the plan
     */
    public function __construct(
        public string $name,
        public array $sizes,
        #[OA\Property] public float $cost,
        public array $receipt,
        public bool $adjusts_bust,
        public bool $chosen,
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
