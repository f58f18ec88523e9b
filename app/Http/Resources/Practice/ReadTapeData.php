<?php

declare(strict_types=1);

namespace App\Http\Resources\Practice;

use Underbolt\Measure\PointGuides;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Pattern;
use Underbolt\Practice\Exercises\SlipMended;
use Underbolt\Practice\Figure;
use Underbolt\Practice\Judgement;
use Underbolt\Practice\Placing;
use Underbolt\Practice\ReadSize;
use Underbolt\Practice\Slip;
use Underbolt\Practice\TapeReading;

/** A tape that was laid, and what it says beside what it should have. */
final readonly class ReadTapeData
{
    private const NM_OF_A_MM = 1_000_000;

    /**
     * @param  list<SlipData>  $slips  that were made, together the difference
     * @param  ?string  $true_size  by the chart; null where it has no such row
     * @param  ?string  $read_size  likewise
     * @param  ?int  $wider_nm  by how much the garment would be wider than meant, tighter below 0; null where no finished figures are printed
     * @param  float  $true_height  where the tape belongs
     * @param  string  $avoid  one sentence from the guide
     * @param  list<string>  $mended  what the hands do next, a sentence for each slip that is not small enough
     */
    public function __construct(
        public int $true_nm,
        public int $reading_nm,
        public array $slips,
        public bool $is_right,
        public ?string $true_size,
        public ?string $read_size,
        public ?int $wider_nm,
        public float $true_height,
        public string $avoid,
        public array $mended,
    ) {
    }

    public static function of(Figure $figure, Placing $placing, TapeReading $reading, ?Pattern $pattern, Unit $unit): self
    {
        $judged = Judgement::of($figure, $placing, $reading);
        $size = $pattern === null ? null : ReadSize::of($pattern, $placing->point, $reading);
        $slips = [];
        foreach ($reading->shares as $slip => $share) {
            $slips[] = new SlipData($slip, Slip::from($slip)->words(), self::nm($share), $judged->slips[$slip] ?? true);
        }

        return new self(
            true_nm: self::nm($reading->true),
            reading_nm: self::nm($reading->reading),
            slips: $slips,
            is_right: $judged->isRight,
            true_size: $size?->true,
            read_size: $size?->read,
            wider_nm: $size?->wider?->nanometres,
            true_height: $figure->heightOf($placing->point),
            avoid: PointGuides::all()[$placing->point->onCard()->value]->mistake,
            mended: SlipMended::words($figure, $placing, $judged, $unit),
        );
    }

    private static function nm(float $mm): int
    {
        return (int) round($mm * self::NM_OF_A_MM);
    }
}
