<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;

/** Reads the cells of one row: a figure, a range of figures, or a pair in both units. */
final readonly class CellReader
{
    private const FIGURE = '(?:\d+(?:[.,]\d+)?|(?:\d+(?:\s+|\s?-\s?))?\d{1,2}\/\d{1,2})(?:\s?(?:cm|mm|in|inch|inches|"))?';

    private const RANGE = '(?<low>'.self::FIGURE.')\s*(?:-|to|bis|tot|à|a)\s*(?<high>'.self::FIGURE.')';

    /** An inch is parted into so many. */
    private const DENOMINATORS = [2, 4, 8, 16, 32, 64];

    private const RUN_TOGETHER = 'so many decimals: are these two figures run together?';

    private const IMPOSSIBLE = 'no body or garment has this measure; is it in another unit, or another row?';

    /** Two figures for one measure that are further apart than this are not the same one (7 mm). */
    public const SAME_NM = 7_000_000;

    /** A whole inch may be rounded by half of one. */
    private const SAME_WHOLE_NM = 12_700_000;

    /** No size is meant for bodies that differ by more than this (15 cm). */
    private const WIDEST_RANGE_NM = 150_000_000;

    /**
     * @param  Unit  $unit  the row's
     * @param  Unit  $typedIn  the one meant in the chart the row goes to
     * @param  bool  $keepsRanges  whether a range stays one, as in a body chart; a finished garment has one figure
     * @param  bool  $isHalf  whether the figures are half girths, to be doubled
     */
    public function __construct(
        private Unit $unit,
        private Unit $typedIn,
        private LengthKind $kind,
        private bool $keepsRanges,
        private bool $isHalf = false,
    ) {
    }

    public static function isRange(string $typed): bool
    {
        $text = self::plain($typed);

        return preg_match('/^'.self::FIGURE.'$/i', $text) !== 1 && preg_match('/^'.self::RANGE.'(?:\s*[(\[].*)?$/iu', $text) === 1;
    }

    /** Whether a cell is rather a stray mark, or a place left out, than a figure of the row. */
    public static function isStray(PastedCell $cell): bool
    {
        return in_array($cell->doubt, [self::IMPOSSIBLE, self::RUN_TOGETHER], true)
            || ($cell->value === null && ! self::isRange($cell->typed));
    }

    /**
     * A single figure among ranges may be half of one.
     *
     * @param  list<PastedCell>  $cells
     * @return list<PastedCell>
     */
    public static function withLoneFiguresDoubted(array $cells): array
    {
        if (array_filter($cells, static fn (PastedCell $cell): bool => self::isRange($cell->typed)) === []) {
            return $cells;
        }

        return array_map(
            static fn (PastedCell $cell): PastedCell => $cell->value === null || self::isRange($cell->typed) ? $cell : $cell->doubted(
                'one figure among ranges: is it half of one?',
            ),
            $cells,
        );
    }

    public function read(string $typed): PastedCell
    {
        $text = self::plain($typed);
        if (preg_match('/^(?:-+|\.+|n\/?a|x)?$/i', $text) === 1) {
            return PastedCell::empty($typed);
        }
        // More than one whole is no fraction but a figure in each unit.
        $isPair = preg_match('/^(\d+)\/(\d+)$/', $text, $part) === 1 && ((int) $part[1] > (int) $part[2] || ! in_array((int) $part[2], self::DENOMINATORS, true));
        if (! $isPair && preg_match('/^'.self::FIGURE.'$/i', $text) === 1) {
            return $this->figure($typed, $text);
        }
        if (preg_match('/^'.self::RANGE.'$/iu', $text, $ends) === 1) {
            return $this->range($typed, $ends['low'], $ends['high']);
        }
        // Both units without a bracket: "81 cm 32"".
        if (preg_match('/^(?<one>\d\S*(?:\s\d\/\d{1,2})?\s?(?:cm|in|inch|"))\s(?<other>\d\S*(?:\s\d\/\d{1,2})?\s?(?:cm|in|inch|"))$/i', $text, $pair) === 1) {
            return $this->pair($typed, $pair['one'], $pair['other']);
        }
        if (preg_match('/^(?<one>\d{2}(?:\s\d\/\d{1,2}|[.,]\d+)?)\s*\/\s+(?<other>\d{2,3}(?:[.,]\d+)?)$|^(?<third>\d{2,3}(?:[.,]\d+)?)\s+\/\s*(?<fourth>\d{2}\s\d\/\d{1,2})$/', $text, $pair) === 1 && str_contains($text, ' / ')
            && preg_match('/\d \d/', $text) === 1) {
            return $this->pair($typed, $pair['one'] !== '' ? $pair['one'] : $pair['third'], $pair['one'] !== '' ? $pair['other'] : $pair['fourth']);
        }
        if (preg_match('/^((?:[^(\[\/]|\d\/\d)+)\s*[(\[]\s*([^)\]]+?)\s*[)\]]$|^(.+?(?:cm|in|inch|"))\s*\/\s*(.+?(?:cm|in|inch|"))$|^(\d{2,3}(?:[.,]\d+)?)\s*\/\s*(\d{2,3}(?:[.,]\d+)?)$/i', $text, $pair) === 1) {
            if (($pair[5] ?? '') !== '' && $this->isRangeWithSlash($pair[5], $pair[6])) {
                return $this->range($typed, $pair[5], $pair[6]);
            }

            return $this->pair($typed, trim($pair[5] ?? $pair[3] ?? $pair[1]), trim($pair[6] ?? $pair[4] ?? $pair[2]));
        }

        return PastedCell::unread($typed, 'this is no figure');
    }

    private static function plain(string $typed): string
    {
        $text = LengthText::plain($typed);
        // A star, a dagger or a raised figure leads to a footnote; "up to" and "about" say what a figure alone means as well.
        $set = ['/^[*_]{1,2}(?=\d)|[*†‡¹²³_]+$|(?<=[\d"mn])\s+\d{1,2}\)$/u', '/^(?:up to|bis|max\.?|jusqu.?a|tot|ca\.?|circa|approx\.?|about|env\.?|~|≈|from|von|de|du)\s*(?=\d)/u'];
        $text = trim((string) preg_replace($set, '', $text));

        return trim((string) preg_replace(['/(?<=\d)\s*ins\.?$/', '/(?<=\d)\s*cms\.?$/', '/\s+/'], [' in', ' cm', ' '], $text));
    }

    private function figure(string $typed, string $text): PastedCell
    {
        $length = Length::tryParse($text, $this->unit);
        if ($length === null) {
            return PastedCell::unread($typed, 'this is no figure a tape can show');
        }
        if ($this->isHalf) {
            return $this->doubled($typed, $length);
        }
        $cell = new PastedCell($typed, $length, $this->worded($text), $this->limits($length));

        // Nobody prints more than two decimals, but for eighths of an inch.
        if (preg_match('/[.,]\d{3,}/', $text) === 1 && preg_match('/[.,](?:125|375|625|875)\D*$/', $text) !== 1) {
            return $cell->doubted(self::RUN_TOGETHER);
        }

        // 84,88 can be one figure, or two that a comma parts.
        return preg_match('/^(\d{2,}),(?!00$|25$|50$|75$)\d{2,}$/', $text) === 1
            ? $cell->doubted('one figure with a decimal comma, or two figures?')
            : $cell;
    }

    private function doubled(string $typed, Length $half): PastedCell
    {
        $whole = $half->plus($half);

        return new PastedCell($typed, $whole, $this->worded((string) LengthPrint::number($whole, $this->unit, 5)), $this->limits($whole));
    }

    private function limits(Length $length): ?string
    {
        [$least, $most] = $this->kind->limitsCm();
        $outside = $length->isLessThan(
            Length::ofNumber($least, Unit::Centimetre),
        ) || Length::ofNumber($most, Unit::Centimetre)->isLessThan($length);

        return $outside ? self::IMPOSSIBLE : null;
    }

    /** The figure as it stands, with its unit where the chart would mean another. */
    private function worded(string $text): string
    {
        return $this->unit === $this->typedIn ? $text : LengthText::worded($text, $this->unit);
    }

    private function range(string $typed, string $low, string $high): PastedCell
    {
        $from = Length::tryParse($low, $this->unit);
        $to = Length::tryParse($high, $this->unit);
        if ($from === null || $to === null) {
            return PastedCell::unread($typed, 'this is no range of figures');
        }
        $wide = $to->minus($from)->nanometres;
        if ($wide <= 0 || $wide > self::WIDEST_RANGE_NM) {
            return PastedCell::unread($typed, 'this range runs backwards or is far too wide');
        }

        $middle = $from->plus($to)->dividedBy(2);

        return $this->keepsRanges
            ? new PastedCell($typed, $middle, "{$this->worded($low)}-{$this->worded($high)}", $this->limits($from) ?? $this->limits($to))
            : PastedCell::unread($typed, 'a finished garment has one figure: which of the two?');
    }

    /** Whether two figures parted by a slash are no measure in two units but the two ends of a range. */
    private function isRangeWithSlash(string $low, string $high): bool
    {
        [$from, $to] = [Length::tryParse($low, $this->unit), Length::tryParse($high, $this->unit)];
        $wide = $from === null ? null : $to?->minus($from)->nanometres;

        return $wide !== null && $wide > 0 && $wide <= self::WIDEST_RANGE_NM;
    }

    /** The figure in the row's unit counts; the other must say the same. */
    private function pair(string $typed, string $first, string $second): PastedCell
    {
        $here = [$this->inUnit($this->unit, $first, $typed), $this->inUnit($this->unit, $second, $typed)];
        $there = [$this->inUnit($this->other(), $first, $typed), $this->inUnit($this->other(), $second, $typed)];
        foreach ([[$here[0], $there[1]], [$here[1], $there[0]]] as [$own, $check]) {
            if ($own->value !== null && $check->value !== null && $own->value->minus($check->value)->abs()->nanometres <= self::apart($check)) {
                return $own;
            }
        }

        return $here[0]->value === null
            ? $here[0]->doubted('two figures that can\'t be read')
            : $here[0]->doubted('the two figures don\'t say the same measure');
    }

    /** How far apart two figures of one measure may lie: whole ones are rounded further. */
    private static function apart(PastedCell $check): int
    {
        return preg_match('/^\d+\s*(?:"|in|cm)?(?:-\d+\s*(?:"|in|cm)?)?$/', LengthText::plain($check->text)) === 1 ? self::SAME_WHOLE_NM : self::SAME_NM;
    }

    private function inUnit(Unit $unit, string $text, string $typed): PastedCell
    {
        // A unit that is written is not bent to the one tried.
        $word = LengthText::unitWord($text);
        if ($word !== null && LengthText::unitNanometres($word) !== $unit->nanometres()) {
            return PastedCell::unread($typed, 'two figures of which neither is in the unit of the row');
        }
        $read = (new self($unit, $this->typedIn, $this->kind, $this->keepsRanges))->read($text);

        return new PastedCell($typed, $read->value, $read->text, $read->doubt);
    }

    private function other(): Unit
    {
        return $this->unit === Unit::Centimetre ? Unit::Inch : Unit::Centimetre;
    }
}
