<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;

/** The waist's depth below the underarm on the pattern's own drawing once all is done, beside what is printed of it. */
final readonly class DrawnWaist
{
    /** Printed and drawn lengths that differ by more are told both: 3 mm. */
    private const APART_NM = 3_000_000;

    /** @param  ?Length  $printed  likewise once all is done; null where it is not printed, or tells the same */
    private function __construct(public Length $depth, public ?Length $printed)
    {
    }

    /** @param  ?StationTable  $stations  read off the drawing; null where there is none */
    public static function of(Plan $plan, ?StationTable $stations): ?self
    {
        foreach ($stations->front ?? [] as $station) {
            if ($station->level === Level::Waist->value) {
                $added = $plan->lengths->aboveWaist ?? Length::zero();
                // Stations stand on the paper that is drawn on: where the blend comes first its length is not changed yet.
                $depth = $plan->lengths->order === WorkOrder::LengthFirst ? $station->depth : $station->depth->plus($added);
                $printed = $plan->seam->underarmToWaist?->plus($added);

                return new self($depth, $printed !== null && $printed->minus($depth)->abs()->nanometres > self::APART_NM ? $printed : null);
            }
        }

        return null;
    }

    /**
     * Where the printed figure says something else than the drawing, the drawing is held against the body in words alone: a
     * garment's underarm lies below the armpit, and nobody knows by how much.
     */
    public function caution(Plan $plan): ?Caution
    {
        $body = $plan->make->body->at(Point::UnderarmToWaist);
        $apart = $body?->minus($this->depth);
        $isDecided = $plan->make->choices->lengths->aboveWaist !== null;

        return $this->printed === null || $body === null || $apart === null || $isDecided || $apart->abs()->nanometres <= LengthChanges::LEAST_NM
            ? null
            : Caution::drawnWaist($this->depth, $this->printed, $body, $apart, $plan->make);
    }
}
