<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\Wearer;
use stdClass;
use Underbolt\Company\Row;
use Underbolt\Refusal;

/** A wearer in a pattern: the make of the two where there is one, else how it would be planned. */
final readonly class CompanyRow
{
    /**
     * @param  ?Card  $card  the make's; else the newest with a measure on it, null where there is none
     * @param  ?Make  $make  the newest of the two that is in use
     * @param  stdClass  $exception  choices that are this wearer's alone
     * @param  Row|Refusal|null  $planned  the reason where there is no plan; null without a card
     */
    public function __construct(
        public Wearer $wearer,
        public Pattern $pattern,
        public ?Card $card,
        public ?Make $make,
        public stdClass $exception,
        public Row|Refusal|null $planned,
    ) {
    }
}
