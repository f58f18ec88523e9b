<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\BustAdjustment;
use Underbolt\Measure\Length;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Weight;
use Underbolt\Sizing\EaseSchool;
use Underbolt\Sizing\LeftOver;
use Underbolt\Sizing\LevelFacts;

/** What every size would cost at one level, before any step between levels. */
final readonly class LevelCosts
{
    private const NANOMETRES_A_CM = 1e7;

    /**
     * @param  non-empty-array<int, ?float>  $leftOverCm  by candidate; null where the figure is not printed
     * @param  non-empty-array<int, float>  $fit  by candidate
     * @param  list<int>  $refused  candidates under the least ease, where another is not
     */
    private function __construct(public Level $level, public Weight $weight, public array $leftOverCm, public array $fit, private array $refused)
    {
    }

    /** @param  ?int  $fixed  the only candidate, where the frame is looked up elsewhere */
    public static function of(Situation $situation, LevelFacts $facts, CostWeights $weights, ?int $fixed): self
    {
        $weight = $situation->make->pattern->weightAt($facts->level);
        $woven = $situation->make->pattern->fabric->kind === FabricKind::Woven;
        $adjustment = $fixed === null ? BustAdjustment::none() : $situation->adjustment($fixed) ?? BustAdjustment::none();
        $left = [];
        foreach ($fixed === null ? self::candidates($facts) : [$fixed] as $size) {
            $left[$size] = self::cm(LeftOver::at($facts, $size, $adjustment->total)->total);
        }
        $fit = array_map(static fn (?float $cm): float => self::fit($cm, $weights->of($weight), $woven, $weights), $left);

        return new self($facts->level, $weight, $left, $fit, $fixed === null && $weight !== Weight::Free ? self::refused($facts, array_keys($left)) : []);
    }

    /** @return non-empty-list<int> those the planner may take */
    public function allowed(): array
    {
        $allowed = array_values(array_diff(array_keys($this->fit), $this->refused));

        return $allowed === [] ? array_keys($this->fit) : $allowed;
    }

    /** @return non-empty-list<int> those that are not too small by more than so many centimetres, where there is one */
    public function allowedNotTooSmall(float $mostCm): array
    {
        if ($this->weight !== Weight::Critical) {
            return $this->allowed();
        }
        $large = array_values(array_filter($this->allowed(), fn (int $size): bool => ($this->leftOverCm[$size] ?? 0.0) >= -$mostCm - 1e-9));

        return $large === [] ? $this->allowed() : $large;
    }

    /** @return non-empty-list<int> the sizes with the figure the school in force goes by */
    private static function candidates(LevelFacts $facts): array
    {
        return array_keys(self::wishes($facts) ? $facts->finished?->values() ?? $facts->chart->values() : $facts->chart->values());
    }

    private static function wishes(LevelFacts $facts): bool
    {
        return $facts->school === EaseSchool::Liked && $facts->finished !== null && $facts->likedEase !== null;
    }

    /**
     * @param  list<int>  $sizes
     * @return list<int>
     */
    private static function refused(LevelFacts $facts, array $sizes): array
    {
        $small = self::wishes($facts) ? array_values(array_filter($sizes, static fn (int $size): bool => ! $facts->leavesLeastEase($size))) : [];

        return count($small) === count($sizes) ? [] : $small;
    }

    private static function fit(?float $leftOverCm, float $weight, bool $woven, CostWeights $weights): float
    {
        if ($leftOverCm === null) {
            return 0.0;
        }
        $worse = $woven && $leftOverCm < 0 ? $weights->tooSmall : 1.0;

        return $weight * (max(0.0, abs($leftOverCm) - $weights->slackCm) * $worse + $weights->everyCm * abs($leftOverCm));
    }

    private static function cm(?Length $length): ?float
    {
        return $length === null ? null : $length->nanometres / self::NANOMETRES_A_CM;
    }
}
