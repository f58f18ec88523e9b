<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Altering\Take;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\FlatPanel;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\LevelPlan;
use Underbolt\Planning\Plan;

/** Where a tape laid on the tissue ends at a level, from fold or centre, darts jumped over. */
final readonly class OnTissue
{
    private const QUARTERS = 4;

    /** @param  ?Length  $cutting  to the cutting line; null where the pattern gives no seam allowance */
    private function __construct(public string $name, public Length $stitching, public ?Length $cutting)
    {
    }

    /**
     * One line for each panel that was measured there, else one for a quarter, or for front and back where they differ.
     *
     * @return list<self> none where no finished figure is known
     */
    public static function at(LevelPlan $level, Plan $plan): array
    {
        if ($level->asCut === null) {
            return [];
        }
        $check = $plan->make->pattern->parts->flat[$level->facts->level->value] ?? null;
        if ($check !== null) {
            $times = array_sum(array_map(static fn (FlatPanel $panel): int => $panel->times, $check->panels));

            return array_values(array_filter(array_map(static function (FlatPanel $panel) use ($level, $plan, $check, $times): ?self {
                $side = self::sideOf($panel->name);
                // The other sizes are as much wider as their girth is, shared among all panels.
                $wider = $level->facts->finishedAt(self::size($level, $side))?->minus($check->finished())->dividedBy(max(1, $times));

                return $wider === null
                    ? null
                    : self::line(
                        $panel->name,
                        $panel->girth($check->seamAllowance)->dividedBy($panel->times)->plus($wider),
                        $side,
                        $level,
                        $plan,
                    );
            }, $check->panels)));
        }
        $quarter = static function (string $name, PieceSide $side) use ($level, $plan): ?self {
            $girth = $level->facts->finishedAt(self::size($level, $side));

            return $girth === null ? null : self::line($name, $girth->dividedBy(self::QUARTERS), $side, $level, $plan);
        };
        $alike = $level->front === $level->back && $level->change->isAlike();

        return array_values(
            array_filter(
                $alike
                    ? [$quarter('a quarter', PieceSide::Both)]
                    : [$quarter('the front quarter', PieceSide::Front), $quarter('the back quarter', PieceSide::Back)],
            ),
        );
    }

    private static function line(string $name, Length $printed, PieceSide $side, LevelPlan $level, Plan $plan): self
    {
        $drawn = $printed->plus($side === PieceSide::Back ? $level->change->back : $level->change->front);
        $sewn = $level->taken->take === Take::Sew && $level->taken->perEdge !== null ? $level->taken->perEdge : Length::zero();
        $allowance = $plan->make->pattern->seam->seamAllowance;

        return new self($name, $drawn->minus($sewn), $allowance === null ? null : $drawn->plus($allowance));
    }

    /** A panel lies where its name says. */
    private static function sideOf(string $panel): PieceSide
    {
        return PieceProposal::of($panel, new GarmentShape(hasBust: true, isKnit: false))->side;
    }

    private static function size(LevelPlan $level, PieceSide $side): int
    {
        return $side === PieceSide::Back ? $level->back : $level->front;
    }
}
