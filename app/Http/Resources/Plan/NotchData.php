<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

/** One size on a tape. */
final readonly class NotchData
{
    /**
     * @param  ?int  $chart_nm  of a range the middle
     * @param  ?int  $chart_from_nm  where a range begins; null where a single figure is printed
     * @param  ?int  $drafted_ease_nm  finished less chart
     * @param  ?int  $your_ease_nm  finished less body
     * @param  ?int  $left_over_nm  what this size would leave over, too much above 0; null where it can't be told
     * @param  ?int  $per_edge_nm  the same at each edge that shares it
     */
    public function __construct(
        public string $size,
        public ?int $chart_nm,
        public ?int $chart_from_nm,
        public ?int $chart_to_nm,
        public ?int $finished_nm,
        public ?int $drafted_ease_nm,
        public ?int $your_ease_nm,
        public ?int $left_over_nm,
        public ?int $per_edge_nm,
    ) {
    }
}
