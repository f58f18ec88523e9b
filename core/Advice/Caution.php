<?php

declare(strict_types=1);

namespace Underbolt\Advice;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Planning\Asked\Make;
use Underbolt\Sizing\LeastEase;

/** One thing worth knowing before cutting, with what to do about it. */
final readonly class Caution
{
    /** @param  ?string  $told  in a few words, where code and level don't say enough */
    private function __construct(public CautionCode $code, public ?Level $level, public string $text, private ?string $told = null)
    {
    }

    /** In a few words, to be told from the others by: `Waist: measure again`. */
    public function short(): string
    {
        return ucfirst($this->told ?? ($this->level === null ? '' : "{$this->level->value}: ").$this->code->short());
    }

    public static function belowRange(Level $level, string $size): self
    {
        return new self(
            CautionCode::BelowRange,
            $level,
            "The {$level->value} is smaller than any size drawn here; {$size} is the nearest. Look for another range, grade "
                .'below it, or take the seams in.',
        );
    }

    public static function aboveRange(Level $level, string $size): self
    {
        return new self(
            CautionCode::AboveRange,
            $level,
            "The {$level->value} is larger than any size drawn here; {$size} is the nearest. Look for another range, grade "
                .'above it, or let the seams out.',
        );
    }

    public static function noLikedEase(Level $level): self
    {
        return new self(
            CautionCode::NoLikedEase,
            $level,
            "No liked ease is given for the {$level->value}; the pattern's own ease is kept. Measure a garment you like there.",
        );
    }

    /** @param  int  $sizes 2 or more */
    public static function step(Level $upper, Level $lower, int $sizes): self
    {
        $where = "From {$upper->value} to {$lower->value} is {$sizes} sizes";

        $told = "{$upper->value} to {$lower->value}: {$sizes} sizes";

        return $sizes === 2
            ? new self(CautionCode::StepCare, $lower, "{$where}: blend over the whole length and lay the curve twice.", "{$told}, lay the curve twice")
            : new self(CautionCode::StepAvoid, $lower, "{$where}: that bends the side seam. Bring the two levels closer first.", "{$told}, bring them closer");
    }

    public static function cupOutsideTable(string $letter): self
    {
        return new self(
            CautionCode::CupOutsideTable,
            Level::Bust,
            "The pattern's cup table has no line for this difference; {$letter} is the nearest. Measure both girths again, "
                .'then adjust the bust for what is left.',
        );
    }

    public static function thighOverHip(string $by): self
    {
        return new self(
            CautionCode::ThighOverHip,
            Level::Hip,
            "The thighs are {$by} wider than the hip, so the garment has to pass them: the hip is chosen by the thighs.",
        );
    }

    public static function tummyOverHip(string $by): self
    {
        return new self(
            CautionCode::TummyOverHip,
            Level::Hip,
            "The tummy is {$by} wider than the hip. Hold a ruler flat against it and measure the hip round that.",
        );
    }

    public static function waistAtTrousers(): self
    {
        return new self(
            CautionCode::WaistAtTrousers,
            Level::Waist,
            'The tummy is hardly wider than the waist: the waist was probably read at the trouser line. Bend sideways, '
                .'and measure at the crease.',
        );
    }

    public static function pivotWidensBack(string $perEdge): self
    {
        return new self(
            CautionCode::PivotWidensBack,
            Level::Bust,
            "Pivoting this much widens the back by {$perEdge} an edge as well. Slash and spread the front only, if the back fits.",
        );
    }

    public static function bustPointMoves(?string $at): self
    {
        $where = $at === null
            ? 'Mark it on the body and on the tracing'
            : "It lies {$at} below the shoulder seam: mark that on the tracing";

        return new self(
            CautionCode::BustPointMoves,
            Level::Bust,
            "The adjustment moves the bust point on the paper. {$where}, and let darts and cups point there.",
        );
    }

    public static function cannotPullOn(Level $level, string $girth, string $body): self
    {
        return new self(
            CautionCode::CannotPullOn,
            $level,
            "Pulled on, the garment's {$girth} at the {$level->value} has to pass {$body}, and it can't. Put in an opening, "
                .'a larger size there, or a cloth that stretches.',
        );
    }

    /** @param  ?string  $quarter  of the difference; null where the lengths are measured */
    public static function heightDiffers(string $height, string $drafted, string $differs, ?string $quarter): self
    {
        return new self(
            CautionCode::HeightDiffers,
            null,
            "It is drafted for a height of {$drafted}, this body is {$height}: {$differs}. ".($quarter === null
                ? 'The measured lengths decide: nothing is changed for the height alone.'
                : "No length is measured. About a quarter of that, {$quarter}, falls above the waist (a guess): measure underarm to waist before you cut."),
        );
    }

    public static function otherRangeFits(Level $level, string $draft): self
    {
        return new self(
            CautionCode::OtherRangeFits,
            $level,
            "The {$level->value} is inside the {$draft} range of this pattern. Its lines need not meet these: choose one "
                .'range for the whole garment.',
        );
    }

    public static function otherRangeNearer(Level $level, string $draft): self
    {
        return new self(
            CautionCode::OtherRangeFits,
            $level,
            "A size of the {$draft} range comes nearer to the ease you like at the {$level->value}. Its lines need not meet "
                .'these: choose one range for the whole garment.',
        );
    }

    /**
     * @param  non-empty-list<Level>  $levels  all that are cut from it
     * @param  string  $sizes  their names
     */
    public static function rangeNotOwned(array $levels, string $sizes, string $range): self
    {
        $names = array_map(static fn (Level $level): string => $level->value, $levels);
        $where = count($names) < 3 ? implode(' and ', $names) : 'bust, waist and hip';

        return new self(
            CautionCode::RangeNotOwned,
            count($levels) === 1 ? $levels[0] : null,
            "{$sizes} for the {$where}: in the {$range} envelope, which you don't own yet.",
            "{$range} envelope: not yours yet",
        );
    }

    public static function notMeasured(Level $level): self
    {
        return new self(
            CautionCode::NotMeasured,
            $level,
            "The {$level->value} is not on the card, so what it needs is left open. Measure it.",
        );
    }

    /** @param  string  $lead  what is measured in its place, such as `high bust` */
    public static function bustNotMeasured(string $lead): self
    {
        return new self(
            CautionCode::BustNotMeasured,
            Level::Bust,
            "The size goes by the {$lead}. Measure the full bust as well: without it nobody can say whether the bust needs an adjustment.",
            told: "Size by the {$lead}; full bust not measured",
        );
    }

    public static function bustNotPrinted(string $size): self
    {
        return new self(
            CautionCode::BustNotMeasured,
            Level::Bust,
            "The chart prints no full bust for {$size}, so whether the bust has to be adjusted can't be told. Take a size "
                .'that has one, or make a toile.',
        );
    }

    public static function noFinished(Level $level, bool $liked): self
    {
        $so = $liked ? 'so the ease you like can\'t be compared and the pattern\'s own ease is kept' : 'where it lies close';

        return new self(
            CautionCode::NoFinished,
            $level,
            "No finished {$level->value} is printed for this size, {$so}. Measure the flat pattern, or make a toile of that part.",
        );
    }

    /**
     * @param  Length  $ease  as cut
     * @param  Length  $least  below 0 where cloth that gives may be smaller than the body
     */
    public static function underLeastEase(Level $level, Length $ease, Length $least, Make $make): self
    {
        $has = $ease->isNegative()
            ? "As cut the {$level->value} is {$make->say($ease->abs())} smaller than the body"
            : "As cut the {$level->value} has {$make->say($ease)} of ease";
        $try = match (true) {
            ! $ease->isNegative() => 'Try the tape test, sitting down before you cut',
            ($make->cloth->kind ?? $make->pattern->fabric->kind) === FabricKind::Knit => 'Stretch the cloth that far and look whether it gives before you cut',
            default => 'Woven cloth does not give that: take a larger size there, or let it out',
        };

        $needs = $least->isNegative()
            ? 'it may be at most '.LeastEase::words($least->abs(), $level, $make->unit).' smaller'
            : 'it needs at least '.LeastEase::words($least, $level, $make->unit);

        return new self(CautionCode::UnderLeastEase, $level, "{$has}; {$needs}. {$try}.");
    }

    public static function noSizeLeavesLeast(Level $level, string $size): self
    {
        return new self(
            CautionCode::UnderLeastEase,
            $level,
            "No size leaves enough ease at the {$level->value}: {$size} is the largest, and the rest is let out.",
        );
    }

    /** @param  ?string  $body  whose body row is read instead */
    public static function cupNoRow(string $letter, ?string $body, ?string $finished): self
    {
        $read = array_unique(array_filter([$body, $finished], static fn (?string $row): bool => $row !== null));

        return new self(
            CautionCode::CupNoRow,
            Level::Bust,
            'There is no '.($body === null ? 'finished bust row' : 'bust row')." for the {$letter} cup; "
                .(count($read) > 1 ? 'the rows of '.implode(' and ', $read).' are' : 'the row of '.implode('', $read).' is')
                .' read instead'.($body === $finished ? '' : ', so the pattern\'s own ease is not known')
                .'. Measure the paper pattern, or adjust the bust for the difference.',
        );
    }

    public static function cupRowDerived(string $letter): self
    {
        return new self(
            CautionCode::CupRowDerived,
            Level::Bust,
            "The chart has one bust row for all cups; for the {$letter} cup it is read an inch (2.5 cm) a letter further.",
        );
    }

    /**
     * @param  string  $what  the measure that stands on the edge
     * @param  string  $own  the size that the measure would pick by itself
     * @param  string  $cut  the size that it is cut in
     * @param  bool  $isReadOnce  whether there is one reading of it alone: then no readings agree or disagree
     */
    public static function measureAgain(Level $level, string $what, string $own, string $cut, bool $isReadOnce): self
    {
        $why = $isReadOnce ? 'and there is one reading of it only' : 'closer than its readings agree';

        return new self(
            CautionCode::MeasureAgain,
            $level,
            "The {$what} stands on the edge between two sizes, {$why}: {$own} could as well be its "
                .'neighbour. '.($own === $cut ? '' : "Here it is cut in {$cut}. ").'Measure it again.',
        );
    }

    public static function tummyTight(string $garment, string $body): self
    {
        return new self(
            CautionCode::TummyTight,
            Level::Waist,
            "Round the tummy the garment has {$garment}, the body {$body} there: too little to sit in. Let the seam out "
                .'between waist and hip, or take a size more.',
        );
    }

    public static function sizedDown(): self
    {
        return new self(
            CautionCode::SizedDown,
            Level::Bust,
            'Sized down, neck, shoulder, armhole and sleeve get smaller as well. Lay the paper on a garment that fits there.',
        );
    }

    public static function sleeveNarrow(string $need): self
    {
        return new self(
            CautionCode::SleeveNarrow,
            null,
            "The sleeve is {$need} too narrow at the upper arm. Let it out at its two edges, or take the next size of sleeve "
                .'and ease the cap.',
        );
    }

    public static function unlikeCutShort(Level $level): self
    {
        return new self(
            CautionCode::UnlikeCutShort,
            $level,
            "At the {$level->value} there are too few sizes to make front and back as unlike as you asked: both stop at the "
                .'last one, so the sum stays.',
        );
    }

    /** @param  Level  $below  the level that the length leads down to */
    public static function lengthSmall(Level $below): self
    {
        $where = $below === Level::Waist ? 'above the waist' : 'between waist and hip';

        return new self(
            CautionCode::LengthSmall,
            null,
            "The paper is within a quarter inch (6 mm) {$where}: so little is left as it is, unless you set it.",
        );
    }

    /** @param  Length  $apart  how much lower the body's waist lies than the drawing's; above it below 0 */
    public static function drawnWaist(Length $drawn, Length $printed, Length $body, Length $apart, Make $make): self
    {
        $by = $make->say($apart->abs());
        $where = $apart->isNegative() ? 'below' : 'above';

        return new self(
            CautionCode::DrawnWaist,
            null,
            "On the drawing the waist lies {$make->say($drawn)} below the underarm ({$make->say($printed)} as printed), on the body {$make->say($body)}. "
                ."A garment's underarm lies below the armpit: nothing is changed for it, unless you set the length.",
            "the drawing's waist lies {$by} {$where} the body's",
        );
    }

    public static function closeDraft(Level $level, string $size, string $drafted, string $usual): self
    {
        return new self(
            CautionCode::CloseDraft,
            $level,
            "The pattern means to leave {$drafted} of room at the {$level->value} in size {$size}; {$usual} is usual. If you want more, go by the ease you like.",
        );
    }

    /** @param  ?Length  $lacks  of the frame's size at the level; null where it has no figure there */
    public static function oneSizeLeftOut(?Level $level, ?string $size, ?Length $lacks, Make $make): self
    {
        // The bound is one of inches, and is as round to who measures in centimetres.
        $bound = $make->unit === Unit::Inch ? '4 in' : '10 cm';
        $why = match (true) {
            $level === null => 'no size has a figure at every level',
            $lacks === null => "size {$size}, that of neck and shoulders, has no figure at the {$level->value}",
            default => "size {$size}, that of neck and shoulders, lacks {$make->say($lacks)} at the {$level->value}, more than {$bound}",
        };

        return new self(CautionCode::OneSizeLeftOut, $level, "One size all the way is asked for, but {$why}: the sizes of best fit and least work are taken instead.");
    }

    public static function hemAboveLevel(Level $level, string $above): self
    {
        return new self(
            CautionCode::HemAboveLevel,
            $level,
            "The hem is cut {$above} above the {$level->value}: the garment ends above it, so it has no tape test, no ease and no marks.",
        );
    }

    public static function tissueDiffers(Level $level, string $size, string $printed, string $tissue, bool $isTissueUsed, bool $isComplete): self
    {
        $so = match (true) {
            ! $isComplete => 'That far apart, a panel is missing or was counted twice: check it again. The print counts.',
            $isTissueUsed => 'The paper counts, as it is what is cut.',
            default => 'The print counts, as you chose.',
        };

        return new self(CautionCode::TissueDiffers, $level, "At the {$level->value} of {$size} {$printed} is printed, and your tissue has {$tissue}. {$so}");
    }

    /** @param  string  $which  in words, such as "underarm to waist and waist to hip" */
    public static function lengthGuessed(string $which): self
    {
        return new self(
            CautionCode::LengthGuessed,
            null,
            "Nobody has measured {$which} on this pattern: a usual length stands in for it. "
                .'Measure the paper before you cut it.',
        );
    }

    public static function noPatternLength(): self
    {
        return new self(
            CautionCode::NoPatternLength,
            null,
            'You asked for a length from waist to hem, but the pattern\'s own is not known. Measure the paper from waist to '
                .'hem, and its hem allowance.',
        );
    }

    public static function changeFar(Level $level, string $by): self
    {
        return new self(
            CautionCode::ChangeFar,
            $level,
            "At the {$level->value} the line moves {$by} an edge, more than a side seam can carry. Take another size there, "
                .'or share it among more seams.',
        );
    }

    public static function beyondAllowance(Level $level, string $by, string $allowance): self
    {
        return new self(
            CautionCode::BeyondAllowance,
            $level,
            "Sewing {$by} an edge at the {$level->value} out of a seam allowance of {$allowance} leaves too little to hold. "
                .'Redraw the line there instead.',
        );
    }

    /** What the cloth of the make does that the pattern doesn't reckon with. */
    public static function cloth(CautionCode $code, string $text): self
    {
        return new self($code, null, $text);
    }
}
