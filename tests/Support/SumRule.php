<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Layer;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Gap;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\WorkPlan;

/** Whether the steps of a make add up: what each edge gets ends at the line, and what all of them get is what the plan says. */
final readonly class SumRule
{
    public const SIDES = [PieceSide::Front, PieceSide::Back];

    /** Rounded quotients may differ by so much, in nanometres. */
    private const HAIR_NM = 3;

    public function __construct(private Plan $plan, private WorkPlan $work)
    {
    }

    /** @return list<string> every place where a piece, an edge, a side or a level counts from no printed line, from two, or misses the line */
    public function atEdges(): array
    {
        $faults = [];
        foreach ($this->work->pieces->all as $piece) {
            foreach (self::SIDES as $side) {
                foreach (Level::cases() as $level) {
                    $fault = $this->atEdge($piece, $side, $level);
                    $faults = $fault === null ? $faults : [...$faults, "{$piece->name} {$side->value} {$level->value}: {$fault}"];
                }
            }
        }

        return $faults;
    }

    /** @return list<string> steps and entries that count from a step which is not done yet */
    public function inOrder(): array
    {
        $done = $faults = [];
        foreach ($this->work->steps as $step) {
            $asked = [...$step->needs, ...array_filter(array_map(static fn (Applied $one): ?string => $one->step, $step->applied))];
            array_push($faults, ...array_map(static fn (string $id): string => "{$step->id} counts from {$id}", array_diff($asked, $done)));
            $faults = in_array($step->id, $done, true) ? [...$faults, "{$step->id} stands twice"] : $faults;
            $done[] = $step->id;
        }

        return $faults;
    }

    /** @return array<string, int> by level whose finished figure is known: how much all that is cut and sewn misses the plan's, in nanometres */
    public function round(): array
    {
        $misses = [];
        foreach (array_filter($this->plan->levels) as $name => $level) {
            $around = $this->around($level);
            $back = $level->facts->finishedAt($level->back);
            if ($around !== null && $level->asCut !== null && $back !== null) {
                $printed = $level->facts->finishedAt($level->front)?->plus($back)->dividedBy(2) ?? Length::zero();
                $miss = $around - $level->asCut->minus($printed)->nanometres;
                $misses[$name] = abs($miss) <= 12 * self::HAIR_NM ? 0 : $miss;
            }
        }

        return $misses;
    }

    /** @return array<string, int> by level: how much the one amount of the headline misses what is drawn at all edges there, in nanometres; makes without a bust adjustment alone */
    public function drawn(): array
    {
        $misses = [];
        foreach ($this->plan->bust?->isMade() === true ? [] : array_filter($this->plan->levels) as $name => $level) {
            $edges = array_map(fn (PieceSide $side): ?int => $this->drawnAt($level, $side), self::SIDES);
            if (! in_array(null, $edges, true)) {
                $inLine = $level->taken->take === Take::InLine ? $level->taken : null;
                $others = ($level->facts->edges - 4) * (($inLine?->perEdge ?? Length::zero())->nanometres - $level->passed->ease->front->nanometres);
                $miss = 2 * array_sum($edges) - $others - ($inLine?->centreBack->nanometres ?? 0) - $level->drawn->nanometres;
                $misses[$name] = abs($miss) <= 12 * self::HAIR_NM ? 0 : $miss;
            }
        }

        return $misses;
    }

    /** @return list<Applied> all that the steps apply, in order */
    public function applied(): array
    {
        return array_merge([], ...array_map(static fn (Step $step): array => $step->applied, $this->work->steps));
    }

    /** @return list<Applied> what the side edge of a piece gets at a level */
    public function entries(Piece $piece, PieceSide $side, Level $level, bool $isSewn): array
    {
        return array_values(array_filter($this->applied(), static fn (Applied $one): bool => $one->piece === $piece->name && $one->edge === Applied::SIDE && $one->side === $side && $one->level === $level && $one->isSewn === $isSewn && ! $one->isUp));
    }

    private function atEdge(Piece $piece, PieceSide $side, Level $level): ?string
    {
        $line = $side === PieceSide::Front ? $this->plan->front : $this->plan->back;
        $reaches = $this->plan->isOnLine($level) && in_array($piece, $this->work->pieces->atSide($level, $side), true);
        $entries = $this->entries($piece, $side, $level, false);
        $counted = count(array_filter($entries, static fn (Applied $one): bool => $one->line !== null));
        if (! $reaches) {
            return $entries === [] ? null : 'it does not reach there';
        }

        return match (true) {
            $counted !== 1 || $entries[0]->line === null => "counts {$counted} times from a printed line",
            abs($this->cutOut($piece, $side, $level) - $line->changeAt($level)->nanometres) > self::HAIR_NM => 'does not end at the line',
            default => null,
        };
    }

    /** How far outside the level's own line the edge is after all that is cut, in nanometres. */
    private function cutOut(Piece $piece, PieceSide $side, Level $level): int
    {
        $own = ($side === PieceSide::Front ? $this->plan->frontBack->front : $this->plan->frontBack->back)->at($level);
        $facts = $this->plan->situation->onLine()[$level->value];
        $out = 0;
        foreach ($this->entries($piece, $side, $level, false) as $one) {
            $gap = $one->line === null ? 0.0 : Gap::between($facts, $own, $one->line)?->toFloat();
            $out += $one->amount->nanometres + (int) round($gap ?? 0.0);
        }

        return $out;
    }

    private function outer(LevelPlan $level, PieceSide $side): ?Piece
    {
        return array_values(array_filter($this->work->pieces->atSide($level->facts->level, $side), static fn (Piece $piece): bool => $piece->layer === Layer::Outer))[0] ?? null;
    }

    private function drawnAt(LevelPlan $level, PieceSide $side): ?int
    {
        $outer = $this->outer($level, $side);

        return $outer === null ? null : $this->cutOut($outer, $side, $level->facts->level);
    }

    /** What all edges get at a level, two of each side; null where no outer piece has them. */
    private function around(LevelPlan $level): ?int
    {
        $around = 0;
        foreach (self::SIDES as $side) {
            $outer = $this->outer($level, $side);
            if ($outer === null) {
                return null;
            }
            $sewn = array_sum(array_map(static fn (Applied $one): int => $one->amount->nanometres, $this->entries($outer, $side, $level->facts->level, true)));
            $around += 2 * ($this->cutOut($outer, $side, $level->facts->level) + $sewn);
        }
        $edge = $level->taken->perEdge ?? Length::zero();
        // What nobody can draw or sew is in no step, and in the plan all the same.
        $unsewn = $level->taken->take === Take::Sew && ! $this->plan->make->canBeDone($edge) ? 4 : 0;
        $others = in_array($level->taken->take, [Take::InLine, Take::Sew], true) ? $level->facts->edges - 4 : 0;

        // A free level has none of its own: there all of them hand on what passes.
        $around += ($level->facts->edges - 4) * $level->passed->ease->front->nanometres;

        return $around - ($unsewn + $others) * $edge->nanometres - $level->taken->centreBack->nanometres;
    }
}
