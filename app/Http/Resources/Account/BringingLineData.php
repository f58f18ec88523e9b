<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

/** One line of how bringing everything back goes: how far it is, or what came of it. */
final readonly class BringingLineData
{
    /**
     * @param  ?int  $done  of a hundred
     * @param  ?string  $failed  a sentence: nothing was written
     */
    public function __construct(public ?int $done = null, public ?BroughtBackData $brought = null, public ?string $failed = null)
    {
    }
}
