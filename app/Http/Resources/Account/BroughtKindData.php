<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

final readonly class BroughtKindData
{
    /**
     * @param  string  $kind  such as wearers
     * @param  list<string>  $new  names of what is not here yet
     * @param  int  $same  how many stand here as in the file
     * @param  list<string>  $different  names of what stands here otherwise
     */
    public function __construct(public string $kind, public array $new, public int $same, public array $different)
    {
    }
}
