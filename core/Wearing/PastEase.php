<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

use Underbolt\Measure\Length;

/** The ease that a garment was cut with at one level, and how it wore. */
final readonly class PastEase
{
    public function __construct(public Wear $wear, public Length $ease)
    {
    }
}
