<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\SleeveEdge;
use Underbolt\Work\Told\ToldRow;
use Underbolt\Work\Told\ToldSide;

/** One mark of a ruler: how deep, beside which printed line, and how far from it. */
final readonly class RulerMark
{
    private const NM = 1_000_000;

    /**
     * @param  float  $moveMm  outward above 0; 0 where the new line lies on the printed one
     * @param  string  $depth  as it is written
     * @param  ?string  $level  its word where it is one
     * @param  string  $line  the printed line that the tick meets
     * @param  string  $move  as it is written
     * @param  ?string  $until  how far down it holds, where that is more than a place
     */
    private function __construct(
        public float $depthMm,
        public float $moveMm,
        public string $depth,
        public ?string $level,
        public string $line,
        public string $move,
        public ?string $until,
    ) {
    }

    /** @return list<self> from the top down; what says the same as the mark above it is told there */
    public static function all(Plan $plan, ToldSide $side): array
    {
        $marks = [];
        foreach (ToldRow::all($side->stations) as $row) {
            $told = $row->first->told;
            if ($told === null) {
                continue;
            }
            $isOn = $told->isOn || ! $plan->make->canBeDone($told->move);
            $level = $row->first->station->level;
            $marks[] = new self(
                depthMm: $row->first->station->depth->nanometres / self::NM,
                moveMm: $isOn ? 0.0 : $told->move->nanometres / self::NM,
                depth: $plan->make->say($row->first->station->depth),
                level: $level === 'bust' ? Ruler::origin($plan) : $level,
                line: $plan->lineOf($told->size),
                move: $plan->make->signed($told->move),
                until: $row->until === null ? null : ($row->isToHem ? 'to the hem the same' : "to {$plan->make->say($row->until->station->depth)} the same"),
            );
        }

        return $marks;
    }

    /** The one place that is known of a sleeve's seam: how far down its wrist lies isn't printed. */
    public static function ofSleeve(Plan $plan, SleeveEdge $edge): self
    {
        $isOn = ! $plan->make->canBeDone($edge->move);

        return new self(
            depthMm: 0.0,
            moveMm: $isOn ? 0.0 : $edge->move->nanometres / self::NM,
            depth: $plan->make->say(Length::zero()),
            level: 'underarm',
            line: $plan->lineOf($edge->size),
            move: $plan->make->signed($edge->move),
            until: 'to nothing at the wrist',
        );
    }
}
