<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\FabricKind;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Weight;
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
        $left = $fixed === null ? self::leftOvers($facts) : [$fixed => self::adjusted($situation, $facts, $fixed)];
        $worse = $situation->make->pattern->fabric->kind === FabricKind::Woven ? $weights->tooSmall : 1.0;
        $counts = $weights->of($weight);
        $fit = [];
        foreach ($left as $size => $cm) {
            $over = abs($cm ?? 0.0);
            $fit[$size] = $counts * (max(0.0, $over - $weights->slackCm) * ($cm < 0 ? $worse : 1.0) + $weights->everyCm * $over);
        }

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

    /**
     * What each candidate would leave over: those with the figure that the school in force goes by. As
     * `LeftOver` says it, in plain numbers, since the planner asks for all sizes many times over.
     *
     * @return non-empty-array<int, float> centimetres by size
     */
    private static function leftOvers(LevelFacts $facts): array
    {
        $wished = $facts->wished();
        $row = $wished === null ? $facts->chart : $facts->finished ?? $facts->chart;
        $aim = ($wished ?? $facts->body)->nanometres;

        return array_map(static fn (Length $girth): float => ($girth->nanometres - $aim) / self::NANOMETRES_A_CM, $row->values());
    }

    /** What the bust adjustment leaves at a frame that is looked up elsewhere. */
    private static function adjusted(Situation $situation, LevelFacts $facts, int $frame): ?float
    {
        $total = LeftOver::at($facts, $frame, $situation->adjustment($frame)->total ?? Length::zero())->total;

        return $total === null ? null : $total->nanometres / self::NANOMETRES_A_CM;
    }

    /**
     * @param  list<int>  $sizes
     * @return list<int>
     */
    private static function refused(LevelFacts $facts, array $sizes): array
    {
        $small = $facts->wished() !== null ? array_values(array_filter($sizes, static fn (int $size): bool => ! $facts->leavesLeastEase($size))) : [];

        return count($small) === count($sizes) ? [] : $small;
    }
}
