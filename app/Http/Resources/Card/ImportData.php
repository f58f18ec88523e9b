<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Http\Resources\Account\FaultData;

/** What an import would write, or has written. */
final readonly class ImportData
{
    /**
     * @param  list<ImportLineData>  $lines
     * @param  list<FaultData>  $faults  field is the line, such as line 3, or the path in a JSON file
     */
    public function __construct(
        public array $lines,
        public array $faults,
        public bool $written,
    ) {
    }
}
