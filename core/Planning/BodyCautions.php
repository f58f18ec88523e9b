<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\LengthChanges;
use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Level;

/** What the measures themselves say, as far as it changes this plan. */
final readonly class BodyCautions
{
    /** A tummy less than this above the waist: the waist was likely read at the trouser line (1 cm; common practice, no published source). */
    private const TROUSER_LINE = 10_000_000;

    /** A height this far from the draft's moves every level (5 cm; common practice, no published source). */
    private const HEIGHT = 50_000_000;

    private function __construct(private Make $make)
    {
    }

    /** @return list<Caution> */
    public static function of(Situation $situation, LengthChanges $lengths): array
    {
        $self = new self($situation->make);
        $hasHip = array_key_exists('hip', $situation->facts) && ! SizePick::isFree($situation->make, Level::Hip);

        return array_values(array_filter([
            $hasHip ? $self->wider(Point::ThighLevel, Point::Hip, Caution::thighOverHip(...)) : null,
            $hasHip ? $self->wider(Point::Tummy, Point::Hip, Caution::tummyOverHip(...)) : null,
            array_key_exists('waist', $situation->facts) ? $self->trouserLine() : null,
            $lengths->aboveWaist === null ? $self->height($situation->inPlay->rangeFor($situation->make)->height) : null,
        ], static fn (?Caution $caution): bool => $caution !== null));
    }

    /** @param  callable(string): Caution  $caution */
    private function wider(Point $wide, Point $than, callable $caution): ?Caution
    {
        $least = $this->make->body->at($than);
        $over = $least === null ? null : $this->make->body->at($wide)?->minus($least);

        return $over === null || $over->nanometres <= 0 ? null : $caution($this->make->say($over));
    }

    private function trouserLine(): ?Caution
    {
        $waist = $this->make->body->at(Point::Waist);
        $over = $waist === null ? null : $this->make->body->at(Point::Tummy)?->minus($waist);

        return $over === null || $over->nanometres >= self::TROUSER_LINE ? null : Caution::waistAtTrousers();
    }

    private function height(?Length $drafted): ?Caution
    {
        $taller = $drafted === null ? null : $this->make->body->at(Point::Height)?->minus($drafted);
        if ($drafted === null || $taller === null || $taller->abs()->nanometres <= self::HEIGHT) {
            return null;
        }
        $words = $this->make->say($taller->abs()).($taller->nanometres > 0 ? ' taller' : ' shorter');

        return Caution::heightDiffers($words, $this->make->say($drafted), $this->make->say($taller->abs()->dividedBy(4)));
    }
}
