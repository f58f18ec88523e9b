<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

final readonly class OptionData
{
    public function __construct(public string $value, public string $label)
    {
    }
}
