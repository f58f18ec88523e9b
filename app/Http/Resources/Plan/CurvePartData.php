<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use OpenApi\Attributes as OA;
use Underbolt\Seam\CurvePart;

/** One cubic of a line, between two depths; where the next doesn't begin at its end the line is open. */
final readonly class CurvePartData
{
    /** Fine enough that a line a metre long ends within a thousandth of a millimetre. */
    private const SLOPE_PLACES = 6;

    /**
     * @param  int  $top_nm  depth of its upper end
     * @param  int  $end_nm  depth of its lower end
     * @param  int  $out_at_top_nm  distance from the centre at its upper end
     * @param  int  $out_at_end_nm  distance from the centre at its lower end
     */
    public function __construct(
        public int $top_nm,
        public int $end_nm,
        public int $out_at_top_nm,
        public int $out_at_end_nm,
        #[OA\Property(description: 'outward for each step down, at its upper end')] public float $slope_at_top,
        #[OA\Property(description: 'outward for each step down, at its lower end')] public float $slope_at_end,
    ) {
    }

    public static function of(CurvePart $part): self
    {
        return new self(
            top_nm: $part->top,
            end_nm: $part->end,
            out_at_top_nm: (int) round($part->outAtTop),
            out_at_end_nm: (int) round($part->outAtEnd),
            slope_at_top: round($part->slopeAtTop, self::SLOPE_PLACES),
            slope_at_end: round($part->slopeAtEnd, self::SLOPE_PLACES),
        );
    }
}
