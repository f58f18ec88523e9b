<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Practice\TapePoint;

final readonly class LayingData
{
    /**
     * @param  value-of<TapePoint>  $point
     * @param  string  $task  what is to be done
     * @param  string  $asked  how somebody else has laid the tape, which is guessed about first
     */
    public function __construct(
        public string $point,
        public string $task,
        public string $asked,
    ) {
    }
}
