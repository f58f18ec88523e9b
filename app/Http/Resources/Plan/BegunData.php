<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

final readonly class BegunData
{
    /** @param  int  $make_id  whose bench comes next */
    public function __construct(public int $make_id)
    {
    }
}
