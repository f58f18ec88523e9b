<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

final readonly class ChartPartData
{
    public function __construct(public ?string $view, public ?string $fit)
    {
    }
}
