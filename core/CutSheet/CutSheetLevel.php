<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Altering\Take;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** Which printed line to highlight at one level, and what is done there. */
final readonly class CutSheetLevel
{
    /**
     * @param  string  $front  the printed line of the front
     * @param  string  $back  the printed line of the back
     * @param  ?string  $frontAlso  the second name of its size, where it has one
     * @param  list<Done>  $done  what is taken in, let out or added there, and how; none where it is cut as printed
     */
    private function __construct(public LevelPlan $plan, public string $front, public string $back, public ?string $frontAlso, public ?string $backAlso, public array $done)
    {
    }

    public static function of(LevelPlan $level, Plan $plan): self
    {
        $pattern = $plan->make->pattern;

        return new self($level, $plan->lineOf($level->front), $plan->lineOf($level->back), $pattern->alsoCalled($level->front), $pattern->alsoCalled($level->back), [
            ...self::bust($level, $plan),
            ...self::taken($level, $plan),
            ...self::centreBack($level, $plan),
            ...self::byHand($level, $plan),
        ]);
    }

    public function isAlike(): bool
    {
        return $this->front === $this->back;
    }

    /** @return list<Done> */
    private static function bust(LevelPlan $level, Plan $plan): array
    {
        $bust = $level->facts->level === Level::Bust ? $plan->bust : null;

        return $bust === null || ! $bust->isMade()
            ? []
            : [new Done(
                $bust->total->isPositive() ? 'bust_added' : 'bust_taken_off',
                $plan->make->say($bust->total->abs()).($bust->total->isPositive() ? ' added' : ' taken off').' for the bust, in the line',
                ['total' => $plan->make->say($bust->total->abs())],
            )];
    }

    /** @return list<Done> */
    private static function taken(LevelPlan $level, Plan $plan): array
    {
        $edge = $level->taken->perEdge;
        $left = $level->taken->leftOver;
        if ($edge === null || $left === null || ! $plan->make->canBeDone($edge)) {
            return [];
        }
        $amount = $plan->make->say($edge->abs());

        return match ($level->taken->take) {
            null => [],
            Take::InLine => [new Done('in_line', Take::way($edge)." {$amount} an edge, in the line", ['edge' => $amount])],
            Take::Sew => [new Done('sewn', Take::way($edge)." {$amount} an edge, in the seam", ['edge' => $amount])],
            Take::Leave => [new Done(
                'left',
                $level->isCarried() ? "by the chart {$plan->make->leftOver($left)}; the garment has room" : $plan->make->leftOver($left).', left',
                ['left_over' => $plan->make->leftOver($left)],
            )],
        };
    }

    /** @return list<Done> */
    private static function centreBack(LevelPlan $level, Plan $plan): array
    {
        $apart = $level->taken->centreBack;

        return $apart->isZero() ? [] : [new Done('centre_back', Take::way($apart)." {$plan->make->say($apart->abs())} at the centre back", ['amount' => $plan->make->say($apart->abs())])];
    }

    /** @return list<Done> */
    private static function byHand(LevelPlan $level, Plan $plan): array
    {
        $edges = $level->byHand->edges;

        return $edges->isNone()
            ? []
            : [new Done(
                'by_hand',
                "by hand an edge: front {$plan->make->signed($edges->front)}, back {$plan->make->signed($edges->back)}",
                ['front' => $plan->make->signed($edges->front), 'back' => $plan->make->signed($edges->back)],
            )];
    }
}
