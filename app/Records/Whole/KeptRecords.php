<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\HandPoint;

/**
 * All of such a file.
 *
 * @phpstan-import-type KeptHand from HandPoint
 */
final readonly class KeptRecords
{
    /**
     * @param  list<KeptRecord>  $houses
     * @param  list<KeptRecord>  $wearers
     * @param  list<KeptRecord>  $patterns
     * @param  list<KeptMake>  $makes
     * @param  array<string, array<string, KeptHand>>  $hands  by name and point
     */
    public function __construct(public array $houses, public array $wearers, public array $patterns, public array $makes, public array $hands)
    {
    }
}
