<?php

declare(strict_types=1);

namespace App\Records\Whole;

/** All of such a file. */
final readonly class KeptRecords
{
    /**
     * @param  list<KeptRecord>  $houses
     * @param  list<KeptRecord>  $wearers
     * @param  list<KeptRecord>  $patterns
     * @param  list<KeptMake>  $makes
     */
    public function __construct(public array $houses, public array $wearers, public array $patterns, public array $makes)
    {
    }
}
