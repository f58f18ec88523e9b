<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

final readonly class ChartTextData
{
    public function __construct(public string $text)
    {
    }
}
