<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Level;

/** One thing worth knowing before cutting, with what to do about it. */
final readonly class Caution
{
    private function __construct(public CautionCode $code, public ?Level $level, public string $text)
    {
    }

    public static function belowRange(Level $level, string $size): self
    {
        return new self(CautionCode::BelowRange, $level, "The {$level->value} is smaller than any size drawn here; {$size} is the nearest. Look for another range, grade below it, or take the seams in.");
    }

    public static function aboveRange(Level $level, string $size): self
    {
        return new self(CautionCode::AboveRange, $level, "The {$level->value} is larger than any size drawn here; {$size} is the nearest. Look for another range, grade above it, or let the seams out.");
    }

    public static function otherRangeFits(Level $level, string $draft): self
    {
        return new self(CautionCode::OtherRangeFits, $level, "The {$level->value} is inside the {$draft} range of this pattern. Its lines need not meet these: choose one range for the whole garment.");
    }

    public static function rangeNotOwned(Level $level, string $size, string $range): self
    {
        return new self(CautionCode::RangeNotOwned, $level, "Size {$size} for the {$level->value} is in the {$range} envelope, which you don't own yet.");
    }

    public static function notMeasured(Level $level): self
    {
        return new self(CautionCode::NotMeasured, $level, "The {$level->value} is not on the card, so its size and the blend beside it are left open. Measure it.");
    }

    public static function noFinished(Level $level): self
    {
        return new self(CautionCode::NoFinished, $level, "No finished {$level->value} is printed for this size, so the liked ease can't be compared; the drafted ease is kept. Measure the flat pattern or make a toile.");
    }

    public static function noLikedEase(Level $level): self
    {
        return new self(CautionCode::NoLikedEase, $level, "No liked ease is given for the {$level->value}; the drafted ease is kept. Measure a garment you like there.");
    }

    public static function underLeastEase(Level $level, string $size, Length $yours, Length $least, Unit $unit): self
    {
        $ease = LengthPrint::sentence($yours, $unit);
        $enough = LengthPrint::sentence($least, $unit);

        return new self(CautionCode::UnderLeastEase, $level, "Size {$size} leaves {$ease} of ease at the {$level->value}; {$enough} is the least. Try the tape test, sitting down, before you cut.");
    }

    /** @param  int  $sizes 2 or more */
    public static function step(Level $upper, Level $lower, int $sizes): self
    {
        $where = "From {$upper->value} to {$lower->value} is {$sizes} sizes";

        return $sizes === 2
            ? new self(CautionCode::StepCare, $lower, "{$where}: blend over the whole length and lay the curve twice.")
            : new self(CautionCode::StepAvoid, $lower, "{$where}: that bends the side seam. Bring the two levels closer first.");
    }
}
