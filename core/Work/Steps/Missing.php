<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;

/** A figure that is missed, and what it would give. */
final readonly class Missing
{
    private function __construct(public string $field, public string $whatFor)
    {
    }

    /** @return list<self> lengths of the pattern without which no station can be told, or none below a level */
    public static function forStations(Plan $plan): array
    {
        $seam = $plan->seam;
        $hasBust = array_key_exists(Level::Bust->value, $plan->levels);
        $lacks = [];
        if ($hasBust && $seam->underarmToWaist === null) {
            $lacks[] = new self('pattern.seam.underarm_to_waist', 'stations');
        }
        if ($seam->waistToHip === null) {
            $lacks[] = new self('pattern.seam.waist_to_hip', 'stations');
        }

        return $lacks;
    }

    /** @return list<self> */
    public static function of(Plan $plan): array
    {
        $seam = $plan->seam;
        $hem = $seam->hipToHem === null && $seam->waistToHemEdge === null ? [new self('pattern.seam.hip_to_hem', 'stations down to the hem')] : [];

        return [...self::forStations($plan), ...$hem];
    }

    /** Such as `underarm to waist`. */
    public function words(): string
    {
        return str_replace('_', ' ', (string) preg_replace('/^.*\./', '', $this->field));
    }
}
