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

    public static function steepBlend(): self
    {
        return new self(CautionCode::SteepBlend, null, 'The blend goes further sideways than one in four downwards, and that shows. Start it higher, or bring the two levels closer.');
    }

    public static function seamsDiffer(string $by): self
    {
        return new self(CautionCode::SeamsDiffer, null, "Front and back side seams differ by {$by}, so they don't go together as drawn. Ease the longer in, or cut front and back in sizes less unlike.");
    }

    public static function cupOutsideTable(string $letter): self
    {
        return new self(CautionCode::CupOutsideTable, Level::Bust, "The pattern's cup table has no line for this difference; {$letter} is the nearest. Measure both girths again, then adjust the bust for what is left.");
    }

    public static function cupNoRow(string $letter, ?string $row): self
    {
        $instead = $row === null ? 'the plain bust row is read instead' : "the {$row} row is read instead";

        return new self(CautionCode::CupNoRow, Level::Bust, "There is no bust row for the {$letter} cup; {$instead}. Adjust the bust for the difference.");
    }

    public static function thighOverHip(string $by): self
    {
        return new self(CautionCode::ThighOverHip, Level::Hip, "The thighs are {$by} wider than the hip, so the garment has to pass them: the hip is chosen by the thighs.");
    }

    public static function tummyOverHip(string $by): self
    {
        return new self(CautionCode::TummyOverHip, Level::Hip, "The tummy is {$by} wider than the hip. Hold a ruler flat against it and measure the hip round that.");
    }

    public static function waistAtTrousers(): self
    {
        return new self(CautionCode::WaistAtTrousers, Level::Waist, 'The tummy is hardly wider than the waist, as when the waist is read at the trouser line. Bend sideways, and measure where it creases.');
    }

    public static function pivotWidensBack(string $perEdge): self
    {
        return new self(CautionCode::PivotWidensBack, Level::Bust, "Pivoting this much widens the back by {$perEdge} an edge as well. Slash and spread the front only, if the back fits.");
    }

    public static function bustPointMoves(?string $at): self
    {
        $where = $at === null ? 'Mark it on the body and on the tracing' : "It lies {$at} below the shoulder seam: mark that on the tracing";

        return new self(CautionCode::BustPointMoves, Level::Bust, "The adjustment moves the bust point on the paper. {$where}, and let darts and cups point there.");
    }

    public static function cannotPullOn(Level $level, string $girth, string $body): self
    {
        return new self(CautionCode::CannotPullOn, $level, "Pulled on, the garment's {$girth} at the {$level->value} has to pass {$body}, and it can't. Put in an opening, a larger size there, or a cloth that stretches.");
    }

    public static function measureAgain(Level $level, string $size): self
    {
        return new self(CautionCode::MeasureAgain, $level, "The {$level->value} stands on the edge between two sizes, closer than its readings agree; {$size} could as well be its neighbour. Measure it again.");
    }

    public static function heightDiffers(string $taller, string $drafted, string $quarter): self
    {
        return new self(CautionCode::HeightDiffers, null, "This body is {$taller} than the {$drafted} it is drafted for, and no length is measured. About a quarter of that, {$quarter}, falls above the waist (a guess): measure underarm to waist before you cut.");
    }

    public static function veryStretchy(): self
    {
        return new self(CautionCode::VeryStretchy, null, 'A cloth that stretches by more than 35 % asks for another kind of pattern. Try a toile in it first.');
    }

    public static function sleeveGetsSmaller(string $bicep): self
    {
        return new self(CautionCode::SleeveGetsSmaller, Level::Bust, "Sized down by ease, shoulder, armhole, neck and sleeve get smaller as well. Measure the paper's sleeve: a woven needs 3 cm (1 1/4 in) beyond the bicep of {$bicep}.");
    }
}
