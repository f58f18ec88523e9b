<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/** Says line by line what a choice of sizes costs. */
final readonly class Receipt
{
    /** Decimals that are shown, and added up. */
    private const PLACES = 4;

    /** @param  array<string, LevelCosts>  $levels */
    public function __construct(private Situation $situation, private array $levels, private StepCosts $steps)
    {
    }

    /**
     * @param  Length  $adjustment  of the bust, all round; 0 where none is made
     * @param  bool  $adjustsBust  whether it is made for these sizes alone: then the bust fits
     */
    public function alternative(AlternativeName $name, Sizes $sizes, Length $adjustment, bool $adjustsBust = false): Alternative
    {
        $lines = [];
        foreach ($sizes->known() as $level => $size) {
            $lines[] = $adjustsBust && $level === Level::Bust->value
                ? new ReceiptLine("bust in {$this->nameOf($size)}: adjusted", 0.0)
                : new ReceiptLine(
                    $this->fitWords($this->levels[$level]->facts, $size),
                    round($this->levels[$level]->fitOf($size), self::PLACES),
                );
        }
        $drawn = $this->situation->withUnmeasured($sizes, false);
        foreach (StepCosts::PAIRS as [$upper, $lower]) {
            $step = $drawn->step($upper, $lower);
            if ($step !== null) {
                $lines[] = new ReceiptLine("{$upper->value} to {$lower->value}: ".self::stepWords($step), round($this->steps->of($upper, $step), self::PLACES));
            }
        }
        if (! $adjustment->isZero()) {
            $cost = round(
                $this->situation->make->choices->weights->adjustment($adjustment->nanometres / LevelCosts::NANOMETRES_A_CM),
                self::PLACES,
            );
            $lines[] = new ReceiptLine("a bust adjustment of {$this->situation->make->say($adjustment->abs())}", $cost);
        }
        $cost = round(array_sum(array_map(static fn (ReceiptLine $line): float => $line->cost, $lines)), self::PLACES);

        return new Alternative($name, $sizes, $cost, $lines, $adjustsBust);
    }

    private function fitWords(LevelFacts $facts, int $size): string
    {
        $left = $facts->leftOver($size);
        $weight = $facts->weight === Weight::Matters ? '' : ", {$facts->weight->words()}";

        return "{$facts->level->value} in {$this->nameOf($size)}: ".match (true) {
            $left === null => 'no figure is printed',
            $left->isZero() => 'as wished',
            default => $this->situation->make->leftOver($left),
        }.($left === null ? '' : $weight);
    }

    private static function stepWords(int $sizes): string
    {
        return match ($sizes) {
            0 => 'no step',
            1 => 'a step of one size',
            default => "a step of {$sizes} sizes",
        };
    }

    private function nameOf(int $size): string
    {
        return $this->situation->make->pattern->sizes[$size];
    }
}
