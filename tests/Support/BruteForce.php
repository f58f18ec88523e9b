<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Weight;
use Underbolt\Planning\Situation;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LeftOver;

/**
 * The planner's rules spelt out and tried on every combination of sizes: what the real one is held against.
 * Written from the rules alone; it shares nothing with the planner but the left-over of a size.
 */
final class BruteForce
{
    private const STEPS = [0, 1, 3, 8];

    private const COUNTS = ['critical' => 2, 'matters' => 1, 'free' => 0];

    /**
     * The best, the closest and the least work.
     *
     * @return array<string, int> sizes of the best, by level
     */
    public static function best(Situation $situation): array
    {
        return self::search($situation, static fn (float $fit, float $work): array => [$fit + $work], false);
    }

    /** @return array<string, int> */
    public static function closest(Situation $situation): array
    {
        return self::search($situation, static fn (float $fit, float $work): array => [$fit], false);
    }

    /** @return array<string, int> */
    public static function leastWork(Situation $situation): array
    {
        return self::search($situation, static fn (float $fit, float $work): array => [$work, $fit], true);
    }

    /** What a combination costs, fit and work together. @param  array<string, int>  $sizes */
    public static function cost(Situation $situation, array $sizes): float
    {
        $fit = 0.0;
        foreach ($sizes as $level => $size) {
            $fit += self::fit($situation, $level, $size);
        }

        return $fit + self::work($situation, $sizes);
    }

    /**
     * @param  callable(float, float): list<float>  $objective
     * @return array<string, int>
     */
    private static function search(Situation $situation, callable $objective, bool $largeEnough): array
    {
        $plans = [[]];
        foreach (array_keys($situation->measured()) as $level) {
            $next = [];
            foreach ($plans as $plan) {
                foreach (self::candidates($situation, $level, $largeEnough) as $size) {
                    $next[] = $plan + [$level => $size];
                }
            }
            $plans = $next;
        }
        $best = null;
        $least = [];
        foreach ($plans as $plan) {
            $fit = array_sum(array_map(static fn (string $level): float => self::fit($situation, $level, $plan[$level]), array_keys($plan)));
            $rank = [
                ...array_map(static fn (float $cost): int => (int) round($cost * 1e6), $objective($fit, self::work($situation, $plan))),
                count(array_unique($plan)), array_sum($plan), $plan['bust'] ?? 0, $plan['waist'] ?? 0,
            ];
            if ($best === null || $rank < $least) {
                [$best, $least] = [$plan, $rank];
            }
        }

        return $best ?? [];
    }

    /** @return list<int> */
    private static function candidates(Situation $situation, string $level, bool $largeEnough): array
    {
        if ($level === 'bust' && $situation->lookup !== null) {
            return [$situation->lookup->chart->size];
        }
        $facts = $situation->facts[$level];
        $wishes = $facts->school === EaseSchool::Liked && $facts->finished !== null && $facts->likedEase !== null;
        $sizes = array_keys(($wishes ? $facts->finished : $facts->chart)->values());
        $weight = $situation->make->pattern->weightAt($facts->level);
        if ($wishes && $weight !== Weight::Free) {
            $sizes = self::keptIfAny($sizes, $facts->leavesLeastEase(...));
        }
        if ($largeEnough && $weight === Weight::Critical) {
            $sizes = self::keptIfAny($sizes, static fn (int $size): bool => self::leftOver($situation, $level, $size) >= -1.0 - 1e-9);
        }

        return $sizes;
    }

    /**
     * @param  list<int>  $sizes
     * @param  callable(int): bool  $keeps
     * @return list<int>
     */
    private static function keptIfAny(array $sizes, callable $keeps): array
    {
        $kept = array_values(array_filter($sizes, $keeps));

        return $kept === [] ? $sizes : $kept;
    }

    private static function fit(Situation $situation, string $level, int $size): float
    {
        $d = self::leftOver($situation, $level, $size);
        $woven = $situation->make->pattern->fabric->kind === FabricKind::Woven;
        $weight = self::COUNTS[$situation->make->pattern->weightAt($situation->facts[$level]->level)->value];

        return $weight * (max(0, abs($d) - 1) * ($woven && $d < 0 ? 2 : 1) + 0.1 * abs($d));
    }

    private static function leftOver(Situation $situation, string $level, int $size): float
    {
        $facts = $situation->facts[$level];
        $adjusted = $level === 'bust' ? $situation->adjustment($situation->lookup === null ? null : $size) : null;

        return (LeftOver::at($facts, $size, $adjusted->total ?? \Underbolt\Measure\Length::zero())->total->nanometres ?? 0) / 1e7;
    }

    /** @param  array<string, int>  $sizes */
    private static function work(Situation $situation, array $sizes): float
    {
        $work = 0.0;
        foreach ([['bust', 'waist'], ['waist', 'hip']] as [$upper, $lower]) {
            if (isset($sizes[$upper], $sizes[$lower])) {
                $step = abs($sizes[$upper] - $sizes[$lower]);
                $work += self::STEPS[$step] ?? 8 + 5 * ($step - 3);
            }
        }
        $total = ($situation->adjustment($situation->lookup?->chart->size)->total->nanometres ?? 0) / 1e7;

        return $work + ($total == 0 ? 0 : 2 + 0.5 * abs($total));
    }
}
