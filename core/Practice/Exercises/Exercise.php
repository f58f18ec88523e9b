<?php

declare(strict_types=1);

namespace Underbolt\Practice\Exercises;

use LogicException;
use Underbolt\Measure\CardWarning;
use Underbolt\Measure\CardWarningCode;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Figure;

/** What is practised, in the order in which it is learnt. At some a tape is laid (`Laying`), at the others something is asked. */
enum Exercise: string
{
    case ReadIt = 'read_it';
    case Waist = 'waist';
    case Bust = 'bust';
    case Hip = 'hip';
    case FullTummy = 'full_tummy';
    case LowHip = 'low_hip';
    case HighBust = 'high_bust';
    case Underbust = 'underbust';
    case SpotIt = 'spot_it';
    case WhichCounts = 'which_counts';
    case Halves = 'halves';
    case Alone = 'alone';

    public function title(): string
    {
        return match ($this) {
            self::ReadIt => 'Read the tape',
            self::Waist => 'The waist, by the crease',
            self::Bust => 'The bust, level all round',
            self::Hip => 'The hip, where it is widest',
            self::FullTummy => 'The hip under a full tummy',
            self::LowHip => 'A hip that lies low',
            self::HighBust => 'The high bust, arms down',
            self::Underbust => 'The underbust',
            self::SpotIt => 'Spot what is wrong',
            self::WhichCounts => 'Three readings: which counts?',
            self::Halves => 'Halves and lengths',
            self::Alone => 'Measuring alone',
        };
    }

    public function isLaid(): bool
    {
        return Laying::of($this) !== null;
    }

    /** @return list<string> codes of those at which a tape is laid */
    public static function laid(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $one): bool => $one->isLaid()), 'value');
    }

    /** @return list<string> codes of the others */
    public static function asked(): array
    {
        return array_column(array_filter(self::cases(), static fn (self $one): bool => ! $one->isLaid()), 'value');
    }

    /** @return list<string> codes of the figures that it is practised on */
    public function figures(): array
    {
        return match ($this) {
            self::FullTummy => ['full-tummy'],
            self::LowHip => ['low-hip'],
            self::Hip => ['slender', 'round', 'shoulder-low', 'sitting'],
            self::ReadIt, self::Alone => [],
            // Where somebody sits a tape too low at the hip lies on the chair.
            self::SpotIt, self::WhichCounts => ['slender', 'round', 'shoulder-low'],
            self::Halves => ['slender', 'round', 'full-tummy', 'shoulder-low'],
            default => ['slender', 'round', 'low-hip', 'shoulder-low', 'sitting'],
        };
    }

    /**
     * One that is asked, drawn anew; the same number draws the same one again.
     *
     * @param  array<string, Figure>  $figures  those it is practised on, by code
     */
    public function question(int $seed, array $figures, Unit $unit): Question
    {
        $draw = new Draw($seed);
        $code = $figures === [] ? '' : $draw->one(array_keys($figures));

        return match ($this) {
            self::ReadIt => ReadIt::draw($draw, $unit),
            self::SpotIt => SpotIt::draw($draw, $code, $figures[$code], $unit),
            self::WhichCounts => WhichCounts::draw($draw, $code, $figures[$code], $unit),
            self::Halves => Halves::draw($draw, $code, $figures[$code], $unit),
            self::Alone => Alone::draw($draw),
            default => throw new LogicException("At {$this->value} a tape is laid."),
        };
    }

    /** The one that practises a point of a card; null where none does. */
    public static function at(Point $point): ?self
    {
        return match ($point) {
            Point::HighBust => self::HighBust,
            Point::FullBust => self::Bust,
            Point::Underbust => self::Underbust,
            Point::Waist => self::Waist,
            Point::Hip => self::Hip,
            Point::Tummy => self::FullTummy,
            Point::HalfFullBust => self::Halves,
            default => null,
        };
    }

    /** The one that fits where a card asks about something; null where none does. */
    public static function against(CardWarning $warning): ?self
    {
        return match ($warning->code) {
            CardWarningCode::LikelyInches, CardWarningCode::LikelyCentimetres => self::ReadIt,
            CardWarningCode::TummyOverHip => self::FullTummy,
            CardWarningCode::ThighOverHip => self::LowHip,
            CardWarningCode::OldCard => null,
            default => $warning->point === null ? null : self::at($warning->point),
        };
    }
}
