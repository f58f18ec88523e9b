<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

/** A key and how it is called. */
final readonly class WordData
{
    public function __construct(public string $key, public string $words)
    {
    }
}
