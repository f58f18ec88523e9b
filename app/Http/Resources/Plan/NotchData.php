<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

/** One size on a tape. */
final readonly class NotchData
{
    /**
     * @param  ?int  $chart_nm  of a range the middle
     * @param  ?int  $chart_from_nm  where a range begins; null where a single figure is printed
     */
    public function __construct(
        public string $size,
        public ?int $chart_nm,
        public ?int $chart_from_nm,
        public ?int $chart_to_nm,
        public ?int $finished_nm,
    ) {
    }
}
