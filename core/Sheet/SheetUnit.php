<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;

/** The unit a pasted chart is in where its rows name none. */
final class SheetUnit
{
    /** Below this many centimetres no adult's bust, waist or hip lies, and above it in inches none does either. */
    private const BORDER_CM = 56;

    /** Fewer figures than this say nothing. */
    private const FEWEST = 2;

    /** The unit that the words say, else the one that nearly all figures look like, else the sheet's. */
    public static function of(TableShape $shape, Unit $sheet): Unit
    {
        $figures = array_merge([], ...array_map(self::figuresIn(...), $shape->lines));
        $border = self::BORDER_CM * Unit::Centimetre->nanometres();
        $small = count(array_filter($figures, static fn (Length $figure): bool => $figure->nanometres < $border));
        $nearlyAll = 0.8 * count($figures);

        return match (true) {
            count($figures) < self::FEWEST => $sheet,
            $small >= $nearlyAll => Unit::Inch,
            count($figures) - $small >= $nearlyAll => Unit::Centimetre,
            default => $sheet,
        };
    }

    /**
     * Whether the figures of a row can hardly be in the unit it names.
     *
     * @param  list<SheetCell>  $cells
     */
    public static function contradicts(Unit $named, array $cells): bool
    {
        $values = array_values(
            array_filter(
                array_map(static fn (SheetCell $cell): ?int => $cell->value?->nanometres, $cells),
                static fn (?int $value): bool => $value !== null,
            ),
        );
        sort($values);
        $median = $values[intdiv(count($values), 2)] ?? null;
        if ($median === null) {
            return false;
        }

        return $named === Unit::Inch
            ? $median > self::BORDER_CM * Unit::Inch->nanometres()
            : $median < self::BORDER_CM * Unit::Centimetre->nanometres();
    }

    /**
     * The first figure of every cell of a row that names no unit; a pair speaks for itself.
     *
     * @return list<Length> read as centimetres
     */
    private static function figuresIn(SheetLine $line): array
    {
        $name = RowName::of($line->label);
        $figures = [];
        foreach ($name->place?->row->tellsUnit() === true && $name->unit === null ? $line->cells : [] as $cell) {
            if (preg_match('/^\d+(?:[.,]\d+)?(?![\d.,])(?!.*[(\[])/', $cell, $first) === 1) {
                $figures[] = Length::tryParse($first[0], Unit::Centimetre);
            }
        }

        return array_values(array_filter($figures, static fn (?Length $figure): bool => $figure !== null));
    }
}
