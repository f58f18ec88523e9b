<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

/** One size on a tape. */
final readonly class NotchData
{
    public function __construct(
        public string $size,
        public ?int $chart_nm,
        public ?int $finished_nm,
    ) {
    }
}
