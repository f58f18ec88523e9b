<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ChartPreviewCellData
{
    public function __construct(
        #[OA\Property(description: 'as pasted')] public string $typed,
        #[OA\Property(description: 'what goes into the chart; empty where it can\'t be read')] public string $text,
        #[OA\Property(description: 'why a person should look at it')] public ?string $doubt,
    ) {
    }
}
