<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use OpenApi\Attributes as OA;
use Underbolt\Pattern\Charts\StarterChart;

#[OA\Schema]
final readonly class StarterData
{
    /**
     * @param  list<string>  $sizes
     * @param  array<string, list<string>>  $body_chart
     */
    public function __construct(
        #[OA\Property] public string $value,
        #[OA\Property] public string $label,
        #[OA\Property] public string $source,
        #[OA\Property(enum: ['upper_limit', 'middle'])] public string $chart_means,
        #[OA\Property(items: new OA\Items(type: 'string'))] public array $sizes,
        #[OA\Property(
            description: 'rows by name, each figure with its unit',
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')),
        )] public array $body_chart,
    ) {
    }

    public static function of(StarterChart $chart): self
    {
        return new self(
            $chart->value,
            $chart->name(),
            $chart->source(),
            $chart->means()->value,
            $chart->sizes(),
            array_map(static fn (array $row): array => array_map(static fn (int $girth): string => "{$girth} cm", $row), $chart->rows()),
        );
    }
}
