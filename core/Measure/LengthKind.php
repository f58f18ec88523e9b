<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** What a figure is a length of, and so what is possible for it. */
enum LengthKind: string
{
    case Girth = 'girth';
    case Along = 'length';
    /** Down from a level, or up from it with a minus, as a crop ends above the waist. */
    case Below = 'length below a level';
    case Ease = 'ease';
    case Allowance = 'allowance';
    case Cloth = 'length of cloth';
    case Panel = 'width';
    case Change = 'change of length';
    case Move = 'move of an edge';
    case Stretched = 'stretched length';

    /** @return array{int, int} least and most in centimetres, both possible */
    public function limitsCm(): array
    {
        return match ($this) {
            self::Girth => [20, 300],
            self::Along => [1, 250],
            self::Below => [-60, 250],
            self::Ease => [-100, 200],
            self::Allowance => [0, 20],
            self::Cloth => [5, 3000],
            self::Panel => [0, 250],
            self::Change => [-100, 100],
            self::Move => [-20, 20],
            self::Stretched => [2, 100],
        };
    }

    /**
     * The length itself, once it is known to be possible.
     *
     * @param  Unit  $unit  the unit the refusal speaks in
     *
     * @throws LengthOutOfLimits when it lies outside the limits of its kind
     */
    public function check(Length $length, Unit $unit): Length
    {
        [$least, $most] = array_map(
            static fn (int $cm): Length => Length::ofNumber($cm, Unit::Centimetre),
            $this->limitsCm(),
        );
        if ($length->isLessThan($least)) {
            throw LengthOutOfLimits::tooSmall($this, $length, $least, $unit);
        }
        if ($most->isLessThan($length)) {
            throw LengthOutOfLimits::tooLarge($this, $length, $most, $unit);
        }

        return $length;
    }
}
