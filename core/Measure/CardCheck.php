<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use DateTimeImmutable;

/**
 * Looks a card over for the usual slips of the tape. It asks, it never refuses.
 *
 * The limits are common practice, no published source.
 */
final readonly class CardCheck
{
    /** Readings of one point further apart than this are worth a third. */
    private const APART_CM = 1;

    /** More change than this since the last card is worth a second look. */
    private const JUMP_CM = 5;

    private const OLD_AFTER = '+6 months';

    /**
     * @param  array<string, Readings>  $readings  by point
     * @param  ?Body  $before  the card before this one on the same foundation
     * @param  Unit  $unit  the unit the sentences speak in
     * @param  bool  $roundABoard  whether a hip was measured round a board held against the tummy
     */
    public function __construct(private array $readings, private ?Body $before, private Unit $unit, private bool $roundABoard = false)
    {
    }

    /** @return list<CardWarning> from the top of the body down, the card itself last */
    public function findings(DateTimeImmutable $takenOn, DateTimeImmutable $today): array
    {
        $found = [];
        foreach (PointGuides::all() as $code => $guide) {
            if (isset($this->readings[$code])) {
                array_push($found, ...$this->atPoint($guide, $this->readings[$code]));
            }
        }

        return array_values(array_filter([...$found, ...$this->between(), self::age($takenOn, $today)]));
    }

    /** @return list<CardWarning> */
    private function atPoint(PointGuide $guide, Readings $readings): array
    {
        $measure = $readings->measureOf($guide->point);
        $found = [self::likelySlip($guide, $measure)];
        // With the board and without it a hip is two figures, both right.
        $isBoarded = $guide->point === Point::Hip && $this->roundABoard;
        if ($readings->perhapsAtTwoPlaces($guide->point)) {
            $which = $readings->perhapsTrouserLine($guide->point)
                ? "{$this->say($readings->largest())} is probably the trouser line."
                : 'were they taken at two places?';
            $found[] = $isBoarded ? null : new CardWarning(
                CardWarningCode::TwoPlaces,
                $guide->point,
                "The readings are {$this->say($readings->spread())} apart: {$which} Pick the one that counts.",
            );
        } elseif (! $isBoarded && self::cm(self::APART_CM)->isLessThan($readings->spread())) {
            $found[] = new CardWarning(
                CardWarningCode::ReadingsApart,
                $guide->point,
                "The readings are {$this->say($readings->spread())} apart: take it once more.",
            );
        }
        $before = $this->before?->at($guide->point);
        if ($before !== null && self::cm(self::JUMP_CM)->isLessThan($measure->minus($before)->abs())) {
            $found[] = new CardWarning(
                CardWarningCode::Jump,
                $guide->point,
                "It was {$this->say($before)} on the last card: take it once more, to be sure.",
            );
        }

        return array_values(array_filter($found));
    }

    /**
     * What is asked of a figure that names no unit, is no body in the one that is meant and is one in the other: `38 cm here:
     * inches?`; null where nothing is.
     *
     * @param  string  $text  as typed
     * @param  Unit  $unit  meant where the text names none
     */
    public static function asksUnit(Point $point, Length $measure, string $text, Unit $unit): ?string
    {
        $guide = PointGuides::all()[$point->value] ?? null;
        $other = $guide === null || LengthText::namesUnit(LengthText::plain($text)) ? null : match (self::likelySlip($guide, $measure)?->code) {
            CardWarningCode::LikelyInches => Unit::Inch,
            CardWarningCode::LikelyCentimetres => Unit::Centimetre,
            default => null,
        };

        return $other === null ? null : trim($text)." {$unit->value} here: {$other->words()}? Write {$other->value} or {$unit->value} behind it.";
    }

    private static function likelySlip(PointGuide $guide, Length $measure): ?CardWarning
    {
        [$least, $most] = $guide->usualCm;
        $usual = static fn (float $cm): bool => $cm >= $least && $cm <= $most;
        $cm = $measure->nanometres / Unit::Centimetre->nanometres();

        return match (true) {
            $usual($cm) => null,
            $usual($cm * 2.54) => new CardWarning(
                CardWarningCode::LikelyInches,
                $guide->point,
                'This looks like inches typed as centimetres: write in behind the figure, or measure again.',
            ),
            $usual($cm / 2.54) => new CardWarning(
                CardWarningCode::LikelyCentimetres,
                $guide->point,
                'This looks like centimetres typed as inches: write cm behind the figure, or measure again.',
            ),
            default => new CardWarning(
                CardWarningCode::Unusual,
                $guide->point,
                'This is an unusual figure here: look whether it is this point and this unit.',
            ),
        };
    }

    /** @return list<?CardWarning> what two points say of each other */
    private function between(): array
    {
        return [
            $this->when(BodySlip::HighBustOverFullBust, CardWarningCode::HighBustOverFullBust, Point::HighBust,
                'The high bust is more than the full bust: look whether the two are swapped, and keep the tape high under the arms.'),
            $this->when(BodySlip::WaistAtTrousers, CardWarningCode::WaistAtTrousers, Point::Waist,
                'The waist is nearly as much as the tummy: it was probably read where the trousers sit. '
                    .'Tie an elastic and measure where it settles.'),
            $this->when(BodySlip::HipAtHipBone, CardWarningCode::HipAtHipBone, Point::Hip,
                'The hip is less than the high hip: it was probably read at the hip bone. Go down to where it is widest.'),
            $this->when(BodySlip::TummyOverHip, CardWarningCode::TummyOverHip, Point::Hip,
                'The tummy is more than the hip: hold something flat against it and measure the hip round that.'),
            $this->when(BodySlip::ThighOverHip, CardWarningCode::ThighOverHip, Point::ThighLevel,
                'The thighs are wider than the hip: that is what a straight skirt has to pass, and what the hip is sized by here.'),
        ];
    }

    /** Older than what a body is trusted to stay: worth taking anew. */
    public static function isOld(DateTimeImmutable $takenOn, DateTimeImmutable $today): bool
    {
        return $takenOn->modify(self::OLD_AFTER) < $today;
    }

    private static function age(DateTimeImmutable $takenOn, DateTimeImmutable $today): ?CardWarning
    {
        return self::isOld($takenOn, $today)
            ? new CardWarning(CardWarningCode::OldCard, null, 'This card is older than six months: bodies move, so measure again before you cut.')
            : null;
    }

    private function at(Point $point): ?Length
    {
        return isset($this->readings[$point->value]) ? $this->readings[$point->value]->measureOf($point) : null;
    }

    private function when(BodySlip $slip, CardWarningCode $code, Point $point, string $text): ?CardWarning
    {
        return $slip->by($this->at(...)) === null ? null : new CardWarning($code, $point, $text);
    }

    private function say(Length $length): string
    {
        return LengthPrint::sentence($length, $this->unit);
    }

    private static function cm(int $cm): Length
    {
        return Length::ofNumber($cm, Unit::Centimetre);
    }
}
