<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use Underbolt\Wearing\Stage;

final readonly class StageData
{
    /** @param  string  $key  what it is ticked by */
    public function __construct(
        public string $key,
        public string $words,
    ) {
    }

    public static function of(Stage $stage): self
    {
        return new self($stage->value, $stage->words());
    }
}
