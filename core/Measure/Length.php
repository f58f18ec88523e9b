<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * An exact length, positive, zero or negative (an ease can be negative).
 *
 * Held in whole nanometres, in which every millimetre and every 64th of an inch
 * (396 875 nm) is a whole number; sums are therefore exact, and only a quotient
 * is ever rounded.
 */
final readonly class Length
{
    private function __construct(public int $nanometres)
    {
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public static function ofNanometres(int $nanometres): self
    {
        return new self($nanometres);
    }

    /** @param  int  $count whole 64ths of an inch */
    public static function ofSixtyFourths(int $count): self
    {
        return new self($count * 396_875);
    }

    /**
     * A plain number in a unit, rounded to the nearest nanometre.
     *
     * @param  int|float  $number  its size at most 1e9, so that the result is an exact int
     */
    public static function ofNumber(int|float $number, Unit $unit): self
    {
        return new self((int) round($number * $unit->nanometres()));
    }

    /** Rounded half away from zero to a nanometre. */
    public static function ofRational(BigRational $nanometres): self
    {
        return new self($nanometres->toScale(0, RoundingMode::HALF_UP)->toInt());
    }

    /**
     * @param  Unit  $unit  the unit meant where the text names none
     *
     * @throws UnreadableLength when the text is no length
     */
    public static function parse(string $text, Unit $unit): self
    {
        return LengthText::read($text, $unit);
    }

    /** As `parse`, but null where the text is no length. */
    public static function tryParse(string $text, Unit $unit): ?self
    {
        try {
            return self::parse($text, $unit);
        } catch (UnreadableLength) {
            return null;
        }
    }

    public function plus(self $other): self
    {
        return new self($this->nanometres + $other->nanometres);
    }

    public function minus(self $other): self
    {
        return new self($this->nanometres - $other->nanometres);
    }

    public function negated(): self
    {
        return self::ofNanometres(-$this->nanometres);
    }

    public function abs(): self
    {
        return new self(abs($this->nanometres));
    }

    /**
     * Rounded half away from zero to a nanometre.
     *
     * @param  positive-int  $parts
     */
    public function dividedBy(int $parts): self
    {
        $half = intdiv($parts, 2) * ($this->nanometres <=> 0);

        return new self(intdiv($this->nanometres + $half, $parts));
    }

    /** Rounded half away from zero to a nanometre. */
    public function times(BigRational $factor): self
    {
        return self::ofRational($factor->multipliedBy($this->nanometres));
    }

    /** Below 0 when this is the shorter, 0 when equal, above 0 when this is the longer. */
    public function compare(self $other): int
    {
        return $this->nanometres <=> $other->nanometres;
    }

    public function isLessThan(self $other): bool
    {
        return $this->nanometres < $other->nanometres;
    }

    public function isZero(): bool
    {
        return $this->nanometres === 0;
    }

    public function isPositive(): bool
    {
        return $this->nanometres > 0;
    }

    public function isNegative(): bool
    {
        return $this->nanometres < 0;
    }

    /** The shorter of the two. */
    public function shorter(self $other): self
    {
        return $other->isLessThan($this) ? $other : $this;
    }

    /** The longer of the two. */
    public function longer(self $other): self
    {
        return $this->isLessThan($other) ? $other : $this;
    }
}
