<?php

declare(strict_types=1);

namespace App\Http\Resources\Plan;

use Underbolt\Planning\Plan;
use Underbolt\Sizing\CupSource;

final readonly class CupData
{
    /**
     * @param  value-of<CupSource>  $source
     * @param  ?string  $row  whose bust row is read, where it is another cup's
     */
    public function __construct(
        public string $letter,
        public int $difference_nm,
        public string $source,
        public ?string $row,
    ) {
    }

    public static function of(Plan $plan): ?self
    {
        $cup = $plan->cup;

        return $cup === null
            ? null
            : new self(
                $cup->letter,
                $cup->difference->nanometres,
                $cup->source->value,
                $plan->situation->cupBust->bodyFrom ?? $plan->situation->cupBust?->finishedFrom,
            );
    }
}
