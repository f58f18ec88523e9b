<?php

declare(strict_types=1);

namespace App\Records\Whole;

/** A make of such a file, with the places of the card and the pattern that it is of. */
final readonly class KeptMake
{
    public function __construct(public KeptRecord $record, public int $wearer, public int $card, public int $pattern, public ?string $begun)
    {
    }
}
