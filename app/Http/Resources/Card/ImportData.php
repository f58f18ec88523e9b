<?php

declare(strict_types=1);

namespace App\Http\Resources\Card;

use App\Http\Resources\Account\FaultData;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'what an import would write, or has written')]
final readonly class ImportData
{
    /**
     * @param  list<ImportLineData>  $lines
     * @param  list<FaultData>  $faults
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: ImportLineData::class))] public array $lines,
        #[OA\Property(
            description: 'field is the line, such as line 3, or the path in a JSON file',
            items: new OA\Items(ref: FaultData::class),
        )] public array $faults,
        #[OA\Property] public bool $written,
    ) {
    }
}
