<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;

/** The one line of a make as it is told: front and back, from the plan's figures or from the pattern's own lines. */
final readonly class ToldLine
{
    private function __construct(public ToldSide $front, public ToldSide $back, public bool $isAlike, public bool $isFromNest)
    {
    }

    public static function of(Plan $plan, StationTable $table): self
    {
        $front = ToldSide::of($plan->front, self::places($plan, $plan->front, $table->front, $table->isFromNest));
        // Alike on the plan's figures a nest can still draw them apart by a hair.
        $isAlike = $table->back === null && $plan->front->isLike($plan->back);

        return new self(
            $front,
            $isAlike ? $front : ToldSide::of($plan->back, self::places($plan, $plan->back, $table->back ?? $table->front, $table->isFromNest)),
            $isAlike,
            $table->isFromNest,
        );
    }

    /**
     * @param  list<Station>  $stations
     * @return list<StationPlace>
     */
    private static function places(Plan $plan, CutLine $line, array $stations, bool $areFromNest): array
    {
        return $areFromNest ? StationPlace::read($line, $stations, $plan) : StationPlace::reckoned($line, $stations, $plan);
    }

    /** @param  PieceSide  $side  front or back */
    public function side(PieceSide $side): ToldSide
    {
        return $side === PieceSide::Back ? $this->back : $this->front;
    }
}
