<?php

declare(strict_types=1);

namespace Underbolt\Planning\Choosing;

use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Planning\Asked\CostWeights;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LevelFacts;

/** What every size would cost at one level, before any step between levels. */
final readonly class LevelCosts
{
    public const NANOMETRES_A_CM = 1e7;

    /** @param  non-empty-array<int, float>  $fit  by candidate */
    private function __construct(public LevelFacts $facts, private CostWeights $weights, public array $fit)
    {
    }

    public static function of(LevelFacts $facts, CostWeights $weights): self
    {
        $fit = [];
        foreach ($facts->candidates() as $size) {
            $fit[$size] = self::cost($facts, $weights, $size);
        }

        return new self($facts, $weights, $fit);
    }

    /** What a size costs here, a candidate or not. */
    public function fitOf(int $size): float
    {
        return $this->fit[$size] ?? self::cost($this->facts, $this->weights, $size);
    }

    /**
     * @return non-empty-array<int, float> those that the planner may take, with their cost, the best fitting first: so a
     *   search can stop early
     */
    public function allowed(): array
    {
        $allowed = [];
        foreach (AllowedSizes::at($this->facts) as $size) {
            $allowed[$size] = $this->fitOf($size);
        }
        asort($allowed);

        return $allowed;
    }

    private static function cost(LevelFacts $facts, CostWeights $weights, int $size): float
    {
        $left = ($facts->leftOver($size)->nanometres ?? 0) / self::NANOMETRES_A_CM;
        $over = abs($left);
        $counts = $weights->of($facts->weight);

        return $counts === 0.0
            ? 0.0
            : $counts * (max(0.0, $over - $weights->slackCm) * self::worse($facts, $weights, $size, $left) + $weights->everyCm * $over);
    }

    /**
     * Too small shows in a woven, and where the chart counts; at the bust too large does as well: neck, shoulder and
     * armhole grow with it.
     */
    private static function worse(LevelFacts $facts, CostWeights $weights, int $size, float $left): float
    {
        $tooSmall = $left < 0 && ($facts->fabric->kind === FabricKind::Woven || $facts->schoolAt($size) === EaseSchool::Chart);
        $largeBust = $left > 0 && $facts->level === Level::Bust;

        return $tooSmall || $largeBust ? $weights->worse : 1.0;
    }
}
