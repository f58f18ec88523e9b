<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** Letters that lead to a drawing beside the chart: `Bust A, Waist B, Hip C`, in brackets or not. They name no cup. */
final class DrawingLetters
{
    private const LETTER = '/^(?<name>.*\S)\s*(?:\s(?<bare>[A-Z])|[(\[](?<bracket>[A-Z])[)\]])\s*$/u';

    /**
     * The lines without them, where several rows that are not the bust's carry one.
     *
     * @param  list<PastedLine>  $lines
     * @return list<PastedLine>
     */
    public static function without(array $lines): array
    {
        $lettered = [];
        foreach ($lines as $at => $line) {
            if (! $line->hasCells() || preg_match(self::LETTER, $line->label, $found) !== 1) {
                continue;
            }
            $row = RowName::of($found['name'])->place?->row;
            if ($row !== null) {
                $lettered[$at] = [$found['name'], $row->value, ($found['bare'] ?? '').($found['bracket'] ?? '')];
            }
        }
        $rows = array_unique(array_column($lettered, 1));
        $letters = array_column($lettered, 2);
        if (count($rows) < 2 || count(array_unique($letters)) !== count($letters)) {
            return $lines;
        }
        foreach ($lettered as $at => [$name]) {
            $lines[$at] = new PastedLine($name, $lines[$at]->cells, $lines[$at]->typed);
        }

        return array_values($lines);
    }
}
