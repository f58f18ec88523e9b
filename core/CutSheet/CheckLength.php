<?php

declare(strict_types=1);

namespace Underbolt\CutSheet;

use Underbolt\Advice\DrawnWaist;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Planning\Plan;
use Underbolt\Seam\StationTable;

/** A length of the paper once everything is done, to hold the tape against. */
final readonly class CheckLength
{
    private function __construct(public string $what, public Length $length)
    {
    }

    /**
     * @param  ?StationTable  $stations  read off the pattern's own lines: the tape is held against these, not against what is printed
     * @return list<self> those that are known
     */
    public static function all(Plan $plan, ?StationTable $stations): array
    {
        $drawn = DrawnWaist::of($plan, $stations);
        $seam = $plan->seam;
        $lengths = $plan->lengths;
        $sum = static fn (?Length $printed, ?Length ...$changes): ?Length => $printed === null ? null : array_reduce($changes, static fn (Length $all, ?Length $one): Length => $one === null ? $all : $all->plus($one), $printed);
        $toHem = $seam->hipToHem !== null && $seam->waistToHip !== null ? $seam->waistToHip->plus($seam->hipToHem) : $seam->waistToHemEdge;
        $spare = $plan->sleeve?->need?->isNegative() === true ? $plan->sleeve->need->abs() : null;
        $known = array_filter([
            ...($drawn === null
                ? ['underarm to waist, at the side' => $sum($seam->underarmToWaist, $lengths->aboveWaist)]
                : ['underarm to waist, along the grain on the drawing'.($drawn->printed === null ? '' : " ({$plan->make->say($drawn->printed)} by the printed figure)") => $drawn->depth]),
            'waist to the cut edge of the hem' => $sum($toHem, $lengths->belowWaist, $lengths->hem),
            'down the centre back, finished' => $sum($plan->make->pattern->lengths->at(LengthRow::FinishedLength, $plan->sizes->first()), $lengths->aboveWaist, $plan->backLonger(), $lengths->belowWaist, $lengths->hem),
            'sleeve, shoulder to the cut edge' => $sum($seam->sleeveLength, $lengths->sleeve),
            'to spare in the sleeve, round the upper arm' => $spare,
            ...self::tummy($plan),
        ], static fn (?Length $length): bool => $length !== null);

        return array_map(static fn (string $what, Length $length): self => new self($what, $length), array_keys($known), array_values($known));
    }

    /** @return array<string, Length> what is typed of the tummy is answered: how wide the garment is there */
    private static function tummy(Plan $plan): array
    {
        $body = $plan->make->body->at(Point::Tummy);
        $garment = $body === null ? null : $plan->roundTheTummy();

        return $body === null || $garment === null ? [] : ["round the garment at the tummy, for {$plan->make->say($body)} of body" => $garment];
    }
}
