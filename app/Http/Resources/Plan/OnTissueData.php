<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Work\OnTissue;

/** From fold or centre, darts jumped over. */
final readonly class OnTissueData
{
    /**
     * @param  string  $name  a panel, or a quarter
     * @param  ?int  $cutting_nm  null where no seam allowance is known
     */
    public function __construct(
        public string $name,
        public int $stitching_nm,
        public ?int $cutting_nm,
    ) {
    }

    public static function of(OnTissue $line): self
    {
        return new self($line->name, $line->stitching->nanometres, $line->cutting?->nanometres);
    }
}
