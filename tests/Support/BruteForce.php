<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Sizing\LevelFacts;
use Underbolt\Sizing\Sizes;

/**
 * The rules of choosing spelt out once more and tried on every combination of sizes: what the real planner is
 * held against. Written from the rules alone, in plain centimetres; of the planner's own code it uses only the
 * printed figures and the size that the chart names.
 */
final class BruteForce
{
    private const STEPS = [0, 1, 3, 8];

    private const COUNTS = ['critical' => 2, 'matters' => 1, 'free' => 0];

    private const USUAL = ['bust' => 5.0, 'waist' => 2.5, 'hip' => 5.0];

    private const HALF_INCH = 1.27;

    private const QUARTER_INCH = 0.635;

    /** @var array<string, LevelFacts> */
    private array $facts;

    public function __construct(private Situation $situation)
    {
        $this->facts = $situation->measured();
    }

    public function best(): Sizes
    {
        return $this->search(fn (array $plan): array => [$this->cost($plan)]);
    }

    public function closest(): Sizes
    {
        return $this->search(fn (array $plan): array => [$this->fits($plan), $this->work($plan)]);
    }

    /** All levels alike, tried from the smallest size up. */
    public function oneSize(): ?Sizes
    {
        $frame = $this->facts['bust']->frame ?? null;
        $counting = array_filter($this->facts, fn (LevelFacts $facts): bool => ! $this->isFree($facts));
        if ($frame !== null) {
            foreach ($counting as $level => $facts) {
                if (self::at($this->row($facts), $frame) === null || $this->leftOver($level, $frame) < -10.16 - 1e-9) {
                    return null;
                }
            }

            return $this->alike($frame);
        }
        $common = array_values(
            array_filter(
                $this->situation->inPlay->sizes,
                fn (int $size): bool => array_filter(
                    $this->facts,
                    fn (LevelFacts $facts): bool => self::at($this->row($facts), $size) === null,
                ) === [],
            ),
        );
        $own = array_map(fn (string $level): int => $this->own($level), array_keys($counting === [] ? $this->facts : $counting));
        $least = $counting === [] ? min($own) : max($own);
        $large = array_filter($common, static fn (int $size): bool => $size >= $least);
        if ($this->isBustFree()) {
            $moves = array_filter($large, fn (int $size): bool => ! $this->isTooSmall('bust', $size));
            $large = $moves === [] ? $large : $moves;
        }

        return $common === [] ? null : $this->alike($large === [] ? max($common) : min($large));
    }

    /** Fit and work together. @param  array<string, int>  $plan  by level */
    public function cost(array $plan): float
    {
        return $this->fits($plan) + $this->work($plan);
    }

    /** Too much above 0, too little below; null where a figure is missing. */
    public function leftOver(string $level, int $size): ?float
    {
        $facts = $this->facts[$level];
        $body = $this->body($facts);
        $adjusted = $this->adjustment($facts, $size);
        if ($body === null || $adjusted === null) {
            return null;
        }
        $chart = self::at($facts->chart, $size);
        $finished = self::at($facts->finished, $size);
        $school = $this->school($facts, $size);
        if ($school === 'liked') {
            return $finished === null ? null : $finished + $adjusted - $body - $this->liked($facts);
        }
        if ($facts->frame !== null) {
            return $school === 'chart' || $adjusted != 0 ? 0.0 : ($chart === null ? null : $chart - $body);
        }
        if ($school === 'drafted' || $chart === null) {
            return $chart === null ? null : $chart - $body;
        }
        $named = $facts->chart->sizeOf($facts->body, $facts->between);
        $inside = in_array($named->standing->value, ['on', 'between'], true);

        return match (true) {
            $inside && $size === $named->size => 0.0,
            $inside && $size > $named->size => $chart - self::at($facts->chart, $named->size),
            default => $chart - $body,
        };
    }

    /** What the level would pick by itself. */
    public function own(string $level): int
    {
        $facts = $this->facts[$level];
        if ($facts->frame !== null) {
            return $facts->frame;
        }
        if ($this->school($facts, null) === 'chart') {
            return $facts->chart->sizeOf($facts->body, $facts->between)->size;
        }
        if ($this->school($facts, null) === 'drafted') {
            return $facts->chart->nearest($facts->body, $facts->between);
        }
        $best = null;
        foreach ($facts->finished->values() as $size => $girth) {
            $off = abs($girth->nanometres / 1e7 - $this->body($facts) - $this->liked($facts));
            if (! $this->isTooSmall($level, $size) && ($best === null || $off <= $best[0] + 1e-9)) {
                $best = [$off, $size];
            }
        }

        return $best[1] ?? array_key_last($facts->finished->values());
    }

    /** @param  callable(array<string, int>): list<float>  $objective  less is better, the first first */
    private function search(callable $objective): Sizes
    {
        $plans = [[]];
        foreach (array_keys($this->facts) as $level) {
            $next = [];
            foreach ($plans as $plan) {
                foreach ($this->candidates($level) as $size) {
                    $next[] = $plan + [$level => $size];
                }
            }
            $plans = $next;
        }
        $best = [];
        $least = null;
        foreach ($plans as $plan) {
            $rank = [
                ...array_map(static fn (float $cost): int => (int) round($cost * 1e6), $objective($plan)),
                count(array_unique(array_diff_key($plan, $this->isBustFree() ? ['bust' => 0] : []))),
                count(array_filter(array_keys($plan), fn (string $level): bool => $plan[$level] !== $this->facts[$level]->own)),
                $this->isBustFree() ? abs($plan['bust'] - ($this->drawn($plan)['waist'] ?? $plan['bust'])) : 0,
                array_sum($plan),
                $plan['bust'] ?? 0,
                $plan['waist'] ?? 0,
            ];
            if ($least === null || $rank < $least) {
                [$best, $least] = [$plan, $rank];
            }
        }

        return new Sizes($best['bust'] ?? null, $best['waist'] ?? null, $best['hip'] ?? null);
    }

    /** @return list<int> */
    private function candidates(string $level): array
    {
        $facts = $this->facts[$level];
        if ($facts->frame !== null) {
            return [$facts->frame];
        }
        $sizes = array_keys($this->row($facts)->values());
        $own = $this->own($level);
        if ($level === 'bust') {
            $moves = $this->isFree($facts) ? [] : array_filter($sizes, fn (int $size): bool => $size >= $own && ! $this->isTooSmall('bust', $size));

            return [$moves === [] ? $own : min($moves)];
        }
        if ($this->isFree($facts)) {
            return $sizes;
        }
        $left = array_values(array_filter($sizes, fn (int $size): bool => $size >= $own
            || $this->lacks($level, $size) <= self::QUARTER_INCH + 1e-9
            || ($facts->between->value !== 'up' && $this->holds($level, $size))));
        $large = array_values(array_filter($left, fn (int $size): bool => ! $this->isTooSmall($level, $size)));

        return $large === [] ? $left : $large;
    }

    /** How much the body has more than a size is for; under liked ease how much is too little. */
    private function lacks(string $level, int $size): float
    {
        $facts = $this->facts[$level];
        if ($this->school($facts, null) === 'liked') {
            return -($this->leftOver($level, $size) ?? -INF);
        }
        $chart = self::at($facts->chart, $size);

        return $chart === null ? INF : $this->body($facts) - $chart;
    }

    /** Whether the finished figure holds the body with the room that is liked, or the least. */
    private function holds(string $level, int $size): bool
    {
        $facts = $this->facts[$level];
        $finished = self::at($facts->finished, $size);
        [$least, $floor] = $this->ease($level);

        return $finished !== null && $finished >= $this->body($facts) + max($floor, $facts->likedEase === null ? $least : $this->liked($facts)) - 1e-9;
    }

    private function isBustFree(): bool
    {
        return isset($this->facts['bust']) && $this->isFree($this->facts['bust']);
    }

    /**
     * With the waist that is drawn where it has a row and no measure: half way between bust and hip, or like the bust.
     *
     * @param  array<string, int>  $plan
     * @return array<string, int>
     */
    private function drawn(array $plan): array
    {
        if (isset($plan['waist']) || ! isset($plan['bust'])) {
            return $plan;
        }

        return array_key_exists('waist', $this->situation->facts)
            ? $plan + ['waist' => isset($plan['hip']) ? (int) ceil(($plan['bust'] + $plan['hip']) / 2) : $plan['bust']]
            : $plan;
    }

    /** @param  array<string, int>  $plan */
    private function fits(array $plan): float
    {
        return array_sum(array_map(fn (string $level): float => $this->fit($level, $plan[$level]), array_keys($plan)));
    }

    private function fit(string $level, int $size): float
    {
        $facts = $this->facts[$level];
        $d = $this->leftOver($level, $size) ?? 0.0;
        $hard = $d < 0 ? $facts->fabric->kind === FabricKind::Woven || $this->school($facts, $size) === 'chart' : $level === 'bust';

        return self::COUNTS[$facts->weight->value] * (max(0, abs($d) - 1) * ($hard ? 2 : 1) + 0.1 * abs($d));
    }

    /** @param  array<string, int>  $plan */
    private function work(array $plan): float
    {
        $work = 0.0;
        $drawn = $this->drawn($plan);
        foreach ([['bust', 'waist'], ['waist', 'hip']] as [$upper, $lower]) {
            $isFor = $this->isBustFree() && ($upper === 'bust' || ! isset($plan['waist']));
            if (! $isFor && isset($drawn[$upper], $drawn[$lower])) {
                $plan = $drawn;
                $step = abs($plan[$upper] - $plan[$lower]);
                $work += self::STEPS[$step] ?? 8 + 5 * ($step - 3);
            }
        }
        $bust = $this->facts['bust'] ?? null;
        $total = $bust?->frame === null ? 0.0 : $this->adjustment($bust, $bust->frame) ?? 0.0;

        return $work + ($total == 0 ? 0 : 2 + 0.5 * abs($total));
    }

    private function adjustment(LevelFacts $facts, int $size): ?float
    {
        if ($facts->frame === null) {
            return 0.0;
        }
        $liked = $this->school($facts, $size) === 'liked';
        $printed = self::at($liked ? $facts->finished : $facts->chart, $size);
        $body = $this->body($facts);
        if ($printed === null || $body === null) {
            return null;
        }
        $total = $body + ($liked ? $this->liked($facts) : 0) - $printed;
        $chart = self::at($facts->chart, $size);
        if ($liked && $chart !== null) {
            // A cup is adjusted for, ease is not.
            $byChart = $body - $chart;
            $total = $total * $byChart <= 0 ? 0.0 : (abs($total) < abs($byChart) ? $total : $byChart);
        }

        return abs($total) < self::HALF_INCH - 1e-9 ? 0.0 : $total;
    }

    private function isTooSmall(string $level, int $size): bool
    {
        $facts = $this->facts[$level];
        $finished = self::at($facts->finished, $size);
        if ($finished === null) {
            return $facts->frame === null && $size < $this->own($level) && $this->lacks($level, $size) > self::QUARTER_INCH + 1e-9;
        }

        return $finished + ($this->adjustment($facts, $size) ?? 0) < $this->body($facts) + $this->ease($level)[1] - 1e-9;
    }

    /** @return array{float, float} the least ease, and the floor that a size is not refused for */
    private function ease(string $level): array
    {
        [$least, $given] = $this->least($level);

        return [$least, $given || $this->facts[$level]->fabric->kind !== FabricKind::Woven ? $least : $least / 2];
    }

    /** @return array{float, bool} and whether it was given */
    private function least(string $level): array
    {
        $facts = $this->facts[$level];
        if ($facts->givenLeast !== null) {
            return [$facts->givenLeast->nanometres / 1e7, true];
        }
        $knit = -min($facts->fabric->stretchPercent / 2, 10) / 100 * $this->body($facts);
        $least = [$facts->fabric->kind === FabricKind::Woven ? self::USUAL[$level] : $knit];
        if ($facts->likedEase !== null) {
            $least[] = $this->liked($facts);
        }
        if ($this->school($facts, $facts->frame) !== 'liked') {
            $own = $this->own($level);
            $drafted = self::at($facts->finished, $own) === null || self::at($facts->chart, $own) === null
                ? -1
                : self::at($facts->finished, $own) - self::at($facts->chart, $own);
            $least = $drafted >= 0 ? [...$least, $drafted] : $least;
        }

        return [min($least), false];
    }

    private function school(LevelFacts $facts, ?int $size): string
    {
        $known = $facts->likedEase !== null && $facts->finished !== null && ($facts->frame === null || $size === null || self::at($facts->finished, $size) !== null);

        return $facts->asked->value === 'liked' && ! $known ? 'drafted' : $facts->asked->value;
    }

    private function row(LevelFacts $facts): object
    {
        return $this->school($facts, $facts->frame) === 'liked' ? $facts->finished : $facts->chart;
    }

    private function isFree(LevelFacts $facts): bool
    {
        return $facts->weight->value === 'free' && $facts->frame === null;
    }

    private function alike(int $size): Sizes
    {
        return Sizes::each(fn ($level): ?int => isset($this->facts[$level->value]) ? $size : null);
    }

    private function liked(LevelFacts $facts): float
    {
        return ($facts->likedEase->nanometres ?? 0) / 1e7;
    }

    private function body(LevelFacts $facts): ?float
    {
        return $facts->body === null ? null : $facts->body->nanometres / 1e7;
    }

    private static function at(?object $row, int $size): ?float
    {
        $girth = $row?->at($size);

        return $girth === null ? null : $girth->nanometres / 1e7;
    }
}
