<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Planning\Plan;

/** A length of the paper once everything is done, to hold the tape against. */
final readonly class CheckLength
{
    private function __construct(public string $what, public Length $length)
    {
    }

    /** @return list<self> those that are known */
    public static function all(Plan $plan): array
    {
        $seam = $plan->seam;
        $lengths = $plan->lengths;
        $sum = static fn (?Length $printed, ?Length ...$changes): ?Length => $printed === null ? null : array_reduce($changes, static fn (Length $all, ?Length $one): Length => $one === null ? $all : $all->plus($one), $printed);
        $toHem = $seam->hipToHem !== null && $seam->waistToHip !== null ? $seam->waistToHip->plus($seam->hipToHem) : $seam->waistToHemEdge;
        $spare = $plan->sleeve?->need?->isNegative() === true ? $plan->sleeve->need->abs() : null;
        $known = array_filter([
            'underarm to waist, at the side' => $sum($seam->underarmToWaist, $lengths->aboveWaist),
            'waist to the cut edge of the hem' => $sum($toHem, $lengths->belowWaist, $lengths->hem),
            'down the centre back, finished' => $sum($plan->make->pattern->lengths->at(LengthRow::FinishedLength, $plan->sizes->first()), $lengths->aboveWaist, $lengths->belowWaist, $lengths->hem),
            'sleeve, shoulder to the cut edge' => $sum($seam->sleeveLength, $lengths->sleeve),
            'to spare in the sleeve, round the upper arm' => $spare,
        ], static fn (?Length $length): bool => $length !== null);

        return array_map(static fn (string $what, Length $length): self => new self($what, $length), array_keys($known), array_values($known));
    }
}
