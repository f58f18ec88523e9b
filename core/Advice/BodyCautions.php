<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Measure\BodySlip;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\LengthRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Asked\Make;
use Underbolt\Planning\Plan;

/** What the measures themselves say, as far as it changes this plan. */
final readonly class BodyCautions
{
    /** A height this far from the draft's moves every level (5 cm; common practice, no published source). */
    private const HEIGHT_NM = 50_000_000;

    private function __construct(private Make $make)
    {
    }

    /** @return list<Caution> */
    public static function of(Plan $plan): array
    {
        $self = new self($plan->make);
        $hasHip = array_key_exists('hip', $plan->levels) && ! $plan->situation->isFree(Level::Hip);

        return array_values(array_filter([
            $hasHip ? $self->slip(BodySlip::ThighOverHip, Caution::thighOverHip(...)) : null,
            $hasHip ? $self->slip(BodySlip::TummyOverHip, Caution::tummyOverHip(...)) : null,
            self::tummy($plan),
            array_key_exists('waist', $plan->levels)
                ? $self->slip(BodySlip::WaistAtTrousers, static fn (): Caution => Caution::waistAtTrousers())
                : null,
            $self->height($plan->make->pattern->lengths->at(LengthRow::Height, $plan->sizes->first()) ?? $plan->situation->range->height, $plan->lengths->aboveWaist !== null),
        ], static fn (?Caution $caution): bool => $caution !== null));
    }

    /** @param  callable(string): Caution  $caution  of the words for how much */
    private function slip(BodySlip $slip, callable $caution): ?Caution
    {
        $over = $slip->by($this->make->body->at(...));

        return $over === null ? null : $caution($this->make->say($over));
    }

    private static function tummy(Plan $plan): ?Caution
    {
        $tummy = $plan->make->body->at(Point::Tummy);
        $waist = $plan->at(Level::Waist);
        $garment = $plan->roundTheTummy();
        if ($tummy === null || $garment === null || $waist?->facts->floor === null || ($waist->isFree && $plan->at(Level::Hip)?->isFree === true)) {
            return null;
        }
        $wider = $waist->facts->body?->isLessThan($tummy) === true;

        return $wider && $garment->isLessThan($tummy->plus($waist->facts->floor))
            ? Caution::tummyTight($plan->make->say($garment), $plan->make->say($tummy))
            : null;
    }

    private function height(?Length $drafted, bool $isMeasured): ?Caution
    {
        $height = $this->make->body->at(Point::Height);
        $taller = $drafted === null ? null : $height?->minus($drafted);
        if ($drafted === null || $height === null || $taller === null || $taller->abs()->nanometres <= self::HEIGHT_NM) {
            return null;
        }
        $differs = $this->make->say($taller->abs()).($taller->isPositive() ? ' taller' : ' shorter');

        return Caution::heightDiffers($this->make->say($height), $this->make->say($drafted), $differs, $isMeasured ? null : $this->make->say($taller->abs()->dividedBy(4)));
    }
}
