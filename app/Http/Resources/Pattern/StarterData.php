<?php

declare(strict_types=1);

namespace App\Http\Resources\Pattern;

use Underbolt\Pattern\Charts\ChartMeaning;
use Underbolt\Pattern\Charts\StarterChart;

final readonly class StarterData
{
    /**
     * @param  value-of<ChartMeaning>  $chart_means
     * @param  list<string>  $sizes
     * @param  array<string, list<string>>  $body_chart  rows by name, each figure with its unit
     */
    public function __construct(
        public string $value,
        public string $label,
        public string $source,
        public string $chart_means,
        public array $sizes,
        public array $body_chart,
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
