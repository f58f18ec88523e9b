<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;

/** The unit that a pasted chart is in where its rows name none: all of them decide together. */
final readonly class PastedUnit
{
    /** The widest of an adult's chart is more than this in centimetres, and less in inches, whatever the size. */
    private const ADULT = 78.0;

    /** Where the widest is less, it is inches: no child's chart is so small. */
    private const SMALL = 48.0;

    /** Where the smallest girth is less, it is inches: a child's in centimetres is not. */
    private const CHILD = 45.0;

    /** About; only to lay a waist beside the other girths. */
    private const HIP_TO_WAIST = 1.2;

    /** How a chart writes a unit in a cell of its own, small letters or capitals: a regular expression. */
    public const WORD = '(?:cm|in|inch|inches|")';

    /** Fewer figures than this say nothing. */
    private const FEWEST = 2;

    /** Where the smallest girth is more, it is millimetres: no girth is 3 m. */
    private const MILLIMETRES = 300.0;

    /**
     * @param  bool  $isOpen  whether nobody can tell: inches of a large size, or centimetres of a small one
     * @param  bool  $isMillimetres  whether the figures can only be millimetres, though nothing names them
     */
    public function __construct(public Unit $unit, public bool $isOpen = false, public bool $isMillimetres = false)
    {
    }

    /** What fractions, marks and names of sizes tell, else the size of the figures, else the chart's. */
    public static function of(TableShape $shape, Unit $typedIn): self
    {
        $figures = [];
        foreach ($shape->rows() as $line) {
            $name = RowName::of($line->label);
            $row = $name->place?->row;
            if ($row?->tellsUnit() !== true || $name->unit !== null || $name->isHalf || RowName::isMillimetres($line->label)) {
                continue;
            }
            if (array_filter($line->cells, self::isInches(...)) !== []) {
                return new self(Unit::Inch);
            }
            array_push($figures, ...self::figures($line->cells, $row === ChartRow::Waist));
        }
        if (count($figures) < self::FEWEST) {
            return new self(self::named($shape) ?? $typedIn);
        }
        sort($figures);
        // One slip at the end decides nothing.
        $widest = $figures[(int) floor(0.9 * (count($figures) - 1))];
        $sizes = array_merge([], ...array_map(static fn (PastedLine $line): array => $line->cells, $shape->sizes()));

        return match (true) {
            $figures[0] > self::MILLIMETRES => new self(Unit::Centimetre, isMillimetres: true),
            $widest >= self::ADULT => new self(Unit::Centimetre),
            $widest < self::SMALL, $figures[0] < self::CHILD, SizeWords::arePlus($sizes) => new self(Unit::Inch),
            SizeWords::areHeights($sizes) => new self(Unit::Centimetre),
            default => new self($typedIn, true),
        };
    }

    /** The one unit that rows name, where each says it beside its own name; null where they name none, or two. */
    private static function named(TableShape $shape): ?Unit
    {
        $named = array_filter(array_map(static fn (PastedLine $line): ?Unit => RowName::of($line->label)->unit, $shape->rows()), static fn (?Unit $unit): bool => $unit !== null);
        $units = array_values(array_unique($named, SORT_REGULAR));

        return count($units) === 1 ? $units[0] : null;
    }

    /**
     * Whether the figures of a row can hardly be in the unit it names.
     *
     * @param  list<PastedCell>  $cells
     */
    public static function contradicts(Unit $named, array $cells): bool
    {
        $values = array_map(static fn (PastedCell $cell): ?int => $cell->value?->nanometres, $cells);
        $values = array_values(array_filter($values, static fn (?int $value): bool => $value !== null));
        sort($values);
        $median = $values[intdiv(count($values), 2)] ?? null;
        if ($median === null) {
            return false;
        }
        $figure = $median / $named->nanometres();

        return $named === Unit::Inch ? $figure > self::ADULT : $figure < self::SMALL;
    }

    /** A fraction, an inch mark, or the word. */
    private static function isInches(string $cell): bool
    {
        $first = preg_split('/[(\[]/', LengthText::plain($cell))[0] ?? '';

        return preg_match('/^\d+(?:[.,]\d+)?\s?cm\b/', $first) !== 1 && preg_match('/\d\s*"|\d\s?in\b|\d\s?inch|\d[\s-]+\d{1,2}\/(?:2|4|8|16)\b/', $first) === 1;
    }

    /**
     * @param  list<string>  $cells
     * @return list<float> of a row, a waist's as wide as the hip that goes with it
     */
    private static function figures(array $cells, bool $isWaist): array
    {
        $figures = array_filter(array_map(self::figure(...), $cells), static fn (?float $figure): bool => $figure !== null);

        return array_map(static fn (float $figure): float => $isWaist ? $figure * self::HIP_TO_WAIST : $figure, array_values($figures));
    }

    /** The first figure of a cell that names no unit; a pair speaks for itself. */
    private static function figure(string $cell): ?float
    {
        if (preg_match('/^(?:\D{0,7}\s)?\d+(?:[.,]\d+)?(?![\d.,\/])(?!.*[(\[])/', $cell, $first) !== 1) {
            return null;
        }
        $length = Length::tryParse((string) preg_replace('/^\D+/', '', $first[0]), Unit::Centimetre);

        return $length === null ? null : $length->nanometres / Unit::Centimetre->nanometres();
    }
}
