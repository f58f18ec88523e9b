<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\PartNames;
use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\PastedTable;
use Underbolt\ChartPaste\TableShape;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthText;
use Underbolt\Measure\Unit;

/** The table on an envelope of how much cloth each size takes, by view and width, and of the notions. */
final class PastedCloth
{
    private const NOTION = '/\b(?:zip(?:per)?s?|buttons?|elastic|snaps?|hooks?|thread|piping|ribbon|cord|reissverschluss|reißverschluss|knöpfe|knopf|gummiband|boutons?|fermeture)\b/iu';

    private const WIDTH = '/(?<figure>\d+(?:[.,]\d+)?(?:\s\d\/\d)?)\s?(?<unit>cm|inch(?:es)?|in\b|"|″)(?:\s*(?:wide|width|breit|large))?(?:\s*[(\/]\s*(?<other>\d+(?:[.,]\d+)?)\s?(?<otherunit>cm|inch(?:es)?|in\b|")(?:\s*(?:wide|breit))?\s*\)?)?/iu';

    /** `C 45` under views A, B and C: the view, and how wide the cloth lies. */
    private const VIEWS_AND_WIDTH = '/^(?<views>[A-K](?:\s*[,\/&+]\s*[A-K])*)\b[\s,:-]*(?:(?<width>\d{2,3}(?:[.,]\d+)?)\s*(?<unit>cm|in\b|inch(?:es)?|"|″)?)?$/iu';

    /** `Dress A/C`: what is sewn, and the views. */
    private const VIEWS_BEHIND = '/^(?<name>\p{L}{3,}(?:\s\p{L}{3,})*)[\s,]+(?<views>[A-K](?:\s*[,\/&+]\s*[A-K])*)(?=$|[\s,]+\d)/u';

    /** A heading with one of these names a cloth; any other words above a table are its title. */
    private const CLOTH = '/\b(?:main|self|outer|shell|contrast\w*|lining|interlining|underlining|interfacing|fabric|cloth|lace|mesh|jersey|oberstoff|stoff|futter|einlage|besatz|tissu|doublure|entoilage|stof|voering)\b/iu';

    private const OF_TABLES = '/\b(?:requirements?|required|needed|yardage|fabrics|verbrauch|stoffverbrauch|metrage|métrage|table|chart|how|amounts?|for)\b/iu';

    /** Cloth lies from 35 in to 60 in wide, or from 75 cm: below, a bare figure is inches. */
    private const LEAST_WIDTH_CM = 75.0;

    private const LEAST_WIDTH_IN = 34.0;

    private const MOST_WIDTH_CM = 320.0;

    /** Words for what cloth is sold in, by the unit they mean. */
    private const AMOUNT_UNITS = ['yd' => '/\b(?:yds?|yards?|yardage)\b/i', 'm' => '/\b(?:m|met(?:re|er)s?|metrage|mètres?)\b/iu', 'cm' => '/\bin cm\b/i'];

    /**
     * @param  list<string>  $sizes  the pattern's
     * @param  ?string  $told  `m` or `yd`, where a person has said it
     */
    public static function read(string $text, Unit $typedIn, array $sizes, ?string $told = null): PastedPart
    {
        $columns = SizeColumns::inOrder($sizes);
        $names = new PartNames([], []);
        [$view, $cloth, $unit, $above] = [null, null, null, null];
        [$needs, $notions, $rows, $leftOut] = [[], [], [], []];
        $isOpen = false;
        // A width is a figure too: where the text parts cells by wide spaces those part them, not the figures.
        $parted = str_contains($text, "\t") ? $text : (string) preg_replace('/(?<=\S) {2,}(?=\S)/', "\t", $text);
        foreach (TableShape::of(PastedTable::of($parted)->lines)->lines as $line) {
            if ($line->isSizes) {
                $columns = SizeColumns::of($line, $sizes);
                $leftOut = [...$leftOut, ...$columns->leftOut];
                $unit = self::unitIn($line->label) ?? $unit;

                continue;
            }
            $line = self::withWidthInLabel($line, $columns);
            [$part, $label] = $names->in($line->label);
            if ($part === [] && $line->hasCells() && preg_match(self::VIEWS_AND_WIDTH, $label, $short, PREG_UNMATCHED_AS_NULL) === 1) {
                $part = ['view' => $short['views']];
                $label = $short['width'] === null ? '' : "{$short['width']} ".($short['unit'] ?? ((float) $short['width'] < self::LEAST_WIDTH_CM ? 'in' : 'cm'));
            }
            if ($part === [] && $line->hasCells() && preg_match(self::VIEWS_BEHIND, $label, $behind) === 1) {
                $part = ['view' => $behind['views']];
                $label = $behind['name'].substr($label, strlen($behind[0]));
            }
            $here = self::unitIn((string) preg_replace(self::WIDTH, ' ', $label));
            if (! $line->hasCells()) {
                $unit = $here ?? $unit;
                $view = $part['view'] ?? $view;
                $bare = self::withoutUnit($label);
                $isCloth = preg_match(self::CLOTH, $bare) === 1 && preg_match(self::OF_TABLES, $bare) !== 1;
                if ($bare !== '' && ! $isCloth && $part === []) {
                    $leftOut[] = mb_strimwidth($bare, 0, 40, '…').': names no cloth';
                }
                $cloth = $isCloth ? $bare : ($part === [] ? $cloth : null);

                continue;
            }
            $cells = $columns->under($line->cells);
            $own = ['view' => $part['view'] ?? $view];
            if (preg_match(self::NOTION, $label) === 1) {
                $notions[] = [...$own, 'name' => $label, 'by_size' => $cells];
                $rows[] = new PastedRow(self::named($own['view'], $label, null), self::shown($cells));

                continue;
            }
            $width = self::width($label, $typedIn);
            $name = self::withoutUnit((string) preg_replace(self::WIDTH, ' ', $label));
            // A line that gives only another width goes on with the view above it.
            $above = $own['view'] ??= $name === '' ? $above : null;
            $name = $name === '' ? $cloth ?? 'main cloth' : $name;
            $said = $told ?? $here ?? self::unitOf($cells) ?? $unit;
            $isOpen = $isOpen || ($said === null && array_filter($cells, static fn (?string $cell): bool => $cell !== null) !== []);
            $amounts = array_map(
                static fn (?string $cell): ?string => $cell === null || LengthText::namesUnit($cell) ? $cell : "{$cell} ".($said ?? 'm'),
                $cells,
            );
            $needs[] = [...$own, 'cloth' => $name, 'width' => $width, 'amounts' => $amounts];
            $rows[] = new PastedRow(self::named($own['view'], $name, $width), self::shown($amounts), self::doubt($line, $amounts, $columns));
        }

        return new PastedPart($sizes, $rows, $leftOut, $isOpen ? ['m', 'yd'] : [], ['fabric_needs' => $needs, 'notions' => $notions]);
    }

    /** A figure more than there are sizes, or one in a column without a size, is how wide the cloth lies. */
    private static function withWidthInLabel(PastedLine $line, SizeColumns $columns): PastedLine
    {
        $cells = $line->filled();
        $isMore = count($cells) === $columns->count() + 1;
        $isWide = ($isMore || $columns->isUnnamed(0)) && preg_match('/^(\d{2,3})\s*(?:cm|in|inch|inches|"|″)?$/i', $cells[0] ?? '', $figure) === 1
            && (float) $figure[1] >= self::LEAST_WIDTH_IN && (float) $figure[1] <= self::MOST_WIDTH_CM;
        if (! $isWide) {
            return $line;
        }
        $width = ctype_digit($cells[0]) ? $cells[0].((float) $cells[0] < self::LEAST_WIDTH_CM ? ' in' : ' cm') : $cells[0];
        $rest = array_slice($cells, 1);

        return new PastedLine(trim("{$line->label} {$width}"), $isMore ? $rest : ['', ...$rest], $line->typed);
    }

    private static function named(?string $view, string $name, ?string $width): string
    {
        return implode(', ', array_filter([$view === null ? null : "view {$view}", $name, $width], static fn (?string $part): bool => $part !== null));
    }

    /**
     * @param  list<?string>  $cells
     * @return list<string>
     */
    private static function shown(array $cells): array
    {
        return array_map(static fn (?string $cell): string => $cell ?? '', $cells);
    }

    /**
     * A figure that names no unit takes that of the others in its row.
     *
     * @param  list<?string>  $cells
     */
    private static function unitOf(array $cells): ?string
    {
        foreach ($cells as $cell) {
            $word = $cell === null ? null : LengthText::unitWord($cell);
            if ($word !== null && LengthText::unitNanometres($word) !== null) {
                return $word;
            }
        }

        return null;
    }

    private static function unitIn(string $words): ?string
    {
        foreach (self::AMOUNT_UNITS as $unit => $pattern) {
            if (preg_match($pattern, $words) === 1) {
                return $unit;
            }
        }

        return null;
    }

    private static function withoutUnit(string $label): string
    {
        return trim((string) preg_replace([...array_values(self::AMOUNT_UNITS), '/[(\[]\s*[)\]]/', '/\s+/'], [' ', ' ', ' ', '', ' '], $label), " \t,:-");
    }

    /** The width in the chart's unit where the label gives it in both. */
    private static function width(string $label, Unit $typedIn): ?string
    {
        if (preg_match(self::WIDTH, $label, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        $isIn = static fn (?string $unit): bool => $unit !== null && LengthText::unitNanometres($unit) === $typedIn->nanometres();
        [$figure, $unit] = $isIn($part['otherunit']) ? [$part['other'], $part['otherunit']] : [$part['figure'], $part['unit']];

        return "{$figure} ".(LengthText::unitNanometres((string) $unit) === Unit::Inch->nanometres() ? 'in' : 'cm');
    }

    /** @param  list<?string>  $amounts */
    private static function doubt(PastedLine $line, array $amounts, SizeColumns $columns): ?string
    {
        $unread = array_filter($amounts, static fn (?string $one): bool => $one !== null && Length::tryParse($one, Unit::Centimetre) === null);
        $given = count($line->filled());

        return match (true) {
            $given > $columns->count() => "{$given} amounts for {$columns->count()} sizes: look which belongs where.",
            $unread !== [] => '"'.array_values($unread)[0].'" is no amount.',
            default => null,
        };
    }
}
