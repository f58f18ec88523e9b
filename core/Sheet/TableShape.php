<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

/** A pasted table with its line of sizes found and its rows lying across, whichever way it stood. */
final readonly class TableShape
{
    /**
     * @param  ?SheetLine  $sizes  null where no line of sizes was found
     * @param  list<SheetLine>  $lines  all others
     * @param  bool  $uneven  a turned line had fewer or more cells than there are names: nobody can tell which
     */
    private function __construct(public bool $transposed, public ?SheetLine $sizes, public array $lines, public bool $uneven = false)
    {
    }

    /** @param  list<SheetLine>  $lines */
    public static function of(array $lines): self
    {
        return self::turned($lines) ?? self::across(self::withoutUnitColumn($lines));
    }

    /** @param  list<SheetLine>  $lines */
    private static function across(array $lines): self
    {
        foreach ($lines as $index => $line) {
            if (self::isSizes($line, $lines)) {
                unset($lines[$index]);

                return new self(false, $line, array_values($lines));
            }
        }

        return new self(false, null, $lines);
    }

    /** @param  list<SheetLine>  $lines all of the table */
    private static function isSizes(SheetLine $line, array $lines): bool
    {
        if (! $line->hasCells()) {
            return false;
        }
        $named = SizeNames::isHeading($line->label);
        // In French the word for size is also the word for waist.
        $french = Words::plain($line->label) === 'taille' && (SizeNames::areSizes($line->cells) || self::has($lines, 'tour de taille'));

        return $named || $french || ($line->label === '' && SizeNames::areSizes($line->cells));
    }

    /** @param  list<SheetLine>  $lines */
    private static function has(array $lines, string $name): bool
    {
        return array_filter($lines, static fn (SheetLine $line): bool => str_contains(Words::plain($line->label), $name)) !== [];
    }

    /**
     * A table with the sizes down and the points across, turned; null where it isn't one.
     *
     * @param  list<SheetLine>  $lines
     */
    private static function turned(array $lines): ?self
    {
        foreach ($lines as $at => $heading) {
            $names = $heading->cells;
            $known = array_filter($names, static fn (string $name): bool => RowName::of($name)->place !== null);
            if (count($known) < 2) {
                continue;
            }
            $sized = array_map(
                static fn (SheetLine $line): ?SheetLine => self::sizeFirst($line, count($names)),
                array_slice($lines, $at + 1),
            );
            $sized = array_values(array_filter($sized, static fn (?SheetLine $line): bool => $line !== null));
            $sizes = array_map(static fn (SheetLine $line): string => $line->label, $sized);
            if ($sized === [] || ! SizeNames::couldBeSizes($sizes)) {
                continue;
            }
            $rows = [];
            foreach ($names as $column => $name) {
                $cells = array_map(static fn (SheetLine $line): string => $line->cells[$column] ?? '', $sized);
                $rows[] = new SheetLine($name, $cells, $name);
            }
            $uneven = array_filter($sized, static fn (SheetLine $line): bool => count($line->cells) !== count($names));
            // A name that got into the label has pushed the others along.
            if (array_filter(explode(' ', $heading->label), static fn (string $word): bool => RowName::of($word)->place !== null) !== []) {
                $uneven[] = $heading;
            }

            return new self(
                true,
                new SheetLine($heading->label, $sizes, $heading->typed),
                [...array_slice($lines, 0, $at), ...$rows],
                $uneven !== [],
            );
        }

        return null;
    }

    /** The line with its size as the label; null where it has no cells. */
    private static function sizeFirst(SheetLine $line, int $columns): ?SheetLine
    {
        if ($line->label === '' && count($line->cells) > 1) {
            return new SheetLine($line->cells[0], array_slice($line->cells, 1), $line->typed);
        }

        return $line->hasCells() ? new SheetLine($line->label, array_slice($line->cells, 0, $columns + 1), $line->typed) : null;
    }

    /**
     * Some tables give the unit in a column of its own: it goes into the labels.
     *
     * @param  list<SheetLine>  $lines
     * @return list<SheetLine>
     */
    private static function withoutUnitColumn(array $lines): array
    {
        $isUnit = static fn (SheetLine $line): bool => preg_match('/^(?:cm|in|inch|inches|")$/i', $line->cells[0] ?? '') === 1;
        if (array_filter($lines, $isUnit) === []) {
            return $lines;
        }

        return array_map(static fn (SheetLine $line): SheetLine => $line->cells === [] ? $line : new SheetLine(
            $isUnit($line) ? "{$line->label} ({$line->cells[0]})" : $line->label,
            array_slice($line->cells, 1),
            $line->typed,
        ), $lines);
    }
}
