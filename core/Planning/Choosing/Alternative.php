<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Sizing\Sizes;

/** One way to choose all sizes, with what it costs and why. */
final readonly class Alternative
{
    /**
     * @param  float  $cost  fit and work together: the sum of the receipt
     * @param  list<ReceiptLine>  $receipt
     * @param  bool  $adjustsBust  whether taking it clips all levels and adjusts the bust to its size
     */
    public function __construct(
        public AlternativeName $name,
        public Sizes $sizes,
        public float $cost,
        public array $receipt,
        public bool $adjustsBust,
    ) {
    }
}
