<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

final readonly class LastChangeData
{
    /**
     * @param  string  $key  where it stands in the make file
     * @param  bool  $is_taken  the make has it as well
     * @param  ?string  $here  what the make has in its place
     */
    public function __construct(public string $key, public string $words, public bool $is_taken, public ?string $here)
    {
    }
}
