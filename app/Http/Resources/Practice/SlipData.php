<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Practice\Slip;

final readonly class SlipData
{
    /**
     * @param  value-of<Slip>  $slip
     * @param  string  $words  what it is
     * @param  int  $share_nm  what it adds to the reading
     * @param  bool  $is_small  whether it is small enough to be none
     */
    public function __construct(
        public string $slip,
        public string $words,
        public int $share_nm,
        public bool $is_small,
    ) {
    }
}
