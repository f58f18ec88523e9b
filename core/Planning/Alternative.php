<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Pattern\Level;

/** One way to choose all sizes, with what it costs and why. */
final readonly class Alternative
{
    /**
     * @param  array<string, int>  $sizes  by level, places in the pattern's list
     * @param  float  $cost  fit and work together, rounded to four decimals: the sum of the receipt
     * @param  list<ReceiptLine>  $receipt
     */
    private function __construct(public string $name, public array $sizes, public float $cost, public array $receipt)
    {
    }

    /**
     * @param  array<string, int>  $sizes
     * @param  array<string, LevelCosts>  $levels
     * @param  float  $adjustment  what the bust adjustment costs; 0 where none is made
     */
    public static function of(string $name, array $sizes, array $levels, CostWeights $weights, float $adjustment, Situation $situation): self
    {
        $lines = [];
        foreach ($sizes as $level => $size) {
            $lines[] = [self::fitWords($levels[$level], $size, $situation), $levels[$level]->fit[$size] ?? 0.0];
        }
        foreach ([[Level::Bust, Level::Waist], [Level::Waist, Level::Hip]] as [$upper, $lower]) {
            if (isset($sizes[$upper->value], $sizes[$lower->value])) {
                $step = abs($sizes[$upper->value] - $sizes[$lower->value]);
                $lines[] = ["{$upper->value} to {$lower->value}: ".self::stepWords($step), $weights->step($step)];
            }
        }
        if ($adjustment > 0) {
            $lines[] = ['a bust adjustment of '.LengthPrint::sentence($situation->adjustment($situation->lookup?->chart->size)->total ?? Length::zero(), $situation->make->unit), $adjustment];
        }
        $cost = round(array_sum(array_column($lines, 1)), 4);

        return new self($name, $sizes, $cost, self::rounded($lines, $cost));
    }

    private static function fitWords(LevelCosts $level, int $size, Situation $situation): string
    {
        $place = "{$level->level->value} in {$situation->make->pattern->sizes[$size]}: ";
        $left = $level->leftOverCm[$size] ?? null;
        if ($left === null) {
            return "{$place}no figure is printed";
        }
        $amount = LengthPrint::sentence(Length::ofNanometres((int) round(abs($left) * 1e7)), $situation->make->unit);

        return $place.match (true) {
            abs($left) < 1e-9 => 'as wished',
            $left > 0 => "{$amount} to take in",
            default => "{$amount} to let out",
        }.($level->weight->value === 'matters' ? '' : ", {$level->weight->value}");
    }

    private static function stepWords(int $sizes): string
    {
        return match ($sizes) {
            0 => 'no step',
            1 => 'a step of one size',
            default => "a step of {$sizes} sizes",
        };
    }

    /**
     * Rounded lines that add up to the cost: what rounding leaves goes to the largest line.
     *
     * @param  list<array{string, float}>  $lines
     * @return list<ReceiptLine>
     */
    private static function rounded(array $lines, float $cost): array
    {
        $costs = array_map(static fn (array $line): float => round($line[1], 4), $lines);
        if ($costs !== []) {
            $largest = array_search(max($costs), $costs, true);
            $costs[$largest] = round($costs[$largest] + $cost - array_sum($costs), 4);
        }

        return array_map(static fn (array $line, float $rounded): ReceiptLine => new ReceiptLine($line[0], $rounded), $lines, array_values($costs));
    }
}
