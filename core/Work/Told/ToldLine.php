<?php

declare(strict_types=1);

namespace Underbolt\Work\Told;

use Underbolt\Altering\PaperWay;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Seam\CutLine;
use Underbolt\Seam\Station;
use Underbolt\Seam\StationTable;

/** The one line of a make as it is told: front and back, from the plan's figures or from the pattern's own lines. */
final readonly class ToldLine
{
    /** @param  bool  $isPrinted  whether the pieces are printed with the line in them, so that none of it is drawn by hand */
    private function __construct(public ToldSide $front, public ToldSide $back, public bool $isAlike, public bool $isFromNest, public bool $isPrinted)
    {
    }

    public static function of(Plan $plan, StationTable $table): self
    {
        $isPrinted = $table->isFromNest && $plan->make->choices->paper === PaperWay::Print;
        $places = self::places($plan, $plan->front, $table->front, $table->isFromNest);
        $isWhole = $isPrinted || $plan->front === $plan->frontDrawn;
        $front = $isWhole
            ? ToldSide::of($plan->front, $places, $table->isFromNest, $table->straightFront)
            : ToldSide::of($plan->frontDrawn, self::unspread($plan, $places), $table->isFromNest, []);
        // Alike on the plan's figures a nest can still draw them apart by a hair.
        $isAlike = $table->back === null && $plan->front->isLike($plan->back) && $isWhole;

        return new self(
            $front,
            $isAlike ? $front : ToldSide::of($plan->back, self::places($plan, $plan->back, $table->back ?? $table->front, $table->isFromNest), $table->isFromNest, $table->straightBack),
            $isAlike,
            $table->isFromNest,
            $isPrinted,
        );
    }

    /**
     * Where the front is slashed it is drawn without what that spreads.
     *
     * @param  list<StationPlace>  $places
     * @return list<StationPlace>
     */
    private static function unspread(Plan $plan, array $places): array
    {
        return array_map(
            static fn (StationPlace $place): StationPlace => $place->lessBy($plan->front->changeAtDepth($place->station->depth)->minus($plan->frontDrawn->changeAtDepth($place->station->depth))),
            $places,
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
