<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Listed;
use Underbolt\Planning\DrawnHow;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;
use Underbolt\Work\EntryWords;
use Underbolt\Work\Steps\Applied;
use Underbolt\Work\Steps\Step;
use Underbolt\Work\Steps\StepAmount;
use Underbolt\Work\WorkPlan;

/** Which printed line to highlight at one level, and what is done there: the entries of the steps that concern it, told again. */
final readonly class CutSheetLevel
{
    /**
     * @param  ?LevelPlan  $plan  null where the level is not measured
     * @param  string  $front  the printed line of the front
     * @param  string  $back  the printed line of the back
     * @param  int  $frontSize  its size, a place in the pattern's list
     * @param  ?string  $frontAlso  the second name of its size, where it has one
     * @param  list<Done>  $done  none where it is cut as printed
     */
    private function __construct(public Level $level, public ?LevelPlan $plan, public string $front, public string $back, public int $frontSize, public int $backSize, public ?string $frontAlso, public ?string $backAlso, public array $done)
    {
    }

    /** @return list<self> of all levels that the line lies at, from the top down */
    public static function all(Plan $plan, WorkPlan $work): array
    {
        return array_map(static fn (Level $level): self => self::of($level, $plan, $work), array_values(array_filter(Level::cases(), $plan->isOnLine(...))));
    }

    public function isAlike(): bool
    {
        return $this->front === $this->back;
    }

    public function asCut(): ?Length
    {
        return $this->plan?->asCut;
    }

    private static function of(Level $level, Plan $plan, WorkPlan $work): self
    {
        $pattern = $plan->make->pattern;
        $planned = $plan->at($level);
        [$front, $back] = [$plan->frontBack->front->at($level) ?? 0, $plan->frontBack->back->at($level) ?? 0];

        return new self(
            level: $level,
            plan: $planned,
            front: $plan->lineOf($front),
            back: $plan->lineOf($back),
            frontSize: $front,
            backSize: $back,
            frontAlso: $pattern->alsoCalled($front),
            backAlso: $pattern->alsoCalled($back),
            done: [
                ...self::unmeasured($level, $plan),
                ...self::entries($level, $plan, $work),
                ...($planned === null ? [] : self::left($planned, $plan)),
            ],
        );
    }

    /** @return list<Done> */
    private static function unmeasured(Level $level, Plan $plan): array
    {
        $how = ($plan->unmeasured[$level->value] ?? null)?->how;

        return match ($how) {
            null => [],
            DrawnHow::ByHand => [new Done('not_measured', 'not measured: drawn in the size that you set')],
            DrawnHow::Between => [new Done('not_measured', 'not measured: drawn between')],
            DrawnHow::LikeAbove => [new Done('not_measured', "not measured: on like the {$plan->above($level)->value}")],
        };
    }

    /** @return list<Done> what the steps do there, what several pieces get alike once */
    private static function entries(Level $level, Plan $plan, WorkPlan $work): array
    {
        $told = [];
        foreach ($work->steps as $step) {
            foreach ($step->amounts as $one) {
                if ($one->level === $level) {
                    $told[self::words($one, $plan)] = $plan->make->canBeDone($one->amount) ? self::code($one, $step) : 'on_line';
                }
            }
        }

        return array_map(static fn (string $text, string $code): Done => new Done($code, $text), array_keys($told), array_values($told));
    }

    private static function code(StepAmount $one, Step $step): string
    {
        return match (true) {
            $one->isSewn => 'sewn',
            $one->kind === Applied::SIDE => $step->kind->value === 'adjust' ? 'adjusted' : 'in_line',
            default => $one->kind,
        };
    }

    private static function words(StepAmount $one, Plan $plan): string
    {
        $amount = EntryWords::amount($one, $plan);
        $edge = match ($one->kind) {
            Applied::SIDE => $one->side === null ? 'each edge' : "{$one->side->value} edges",
            Applied::SIDE_NOTCH => Listed::of($one->pieces).', each side notch',
            default => $one->edge(),
        };

        return "{$edge} {$amount}";
    }

    /** @return list<Done> what is left as it is, and why */
    private static function left(LevelPlan $level, Plan $plan): array
    {
        $left = $level->taken->leftOver;
        if ($level->taken->take !== Take::Leave || $left === null || ! $plan->make->canBeDone($left)) {
            return [];
        }

        return [new Done(
            'left',
            $level->isCarried() ? "by the chart {$plan->make->leftOver($left)}; the garment has room" : $plan->make->leftOver($left).', left',
            ['left_over' => $plan->make->leftOver($left)],
        )];
    }
}
