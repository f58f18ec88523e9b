<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

/** What a tape needs to send its readings. */
final readonly class TapeData
{
    /**
     * @param  string  $address  where it posts to
     * @param  string  $token  shown this once
     * @param  int  $last  readings up to this one are old
     */
    public function __construct(
        public string $address,
        public string $token,
        public int $last,
    ) {
    }
}
