<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\RangeWords;
use Underbolt\PlainWords;

/** Which lines of a pasted text are the cup table of which envelope: two tables under each other, or two side by side. */
final readonly class CupSections
{
    /** @param  list<string>  $ranges  the pattern's envelopes */
    public function __construct(private array $ranges)
    {
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return list<array{?string, list<PastedLine>}> each envelope as it is called, with its lines; null for lines under no name
     */
    public function of(array $lines): array
    {
        foreach ($lines as $at => $line) {
            $names = array_map($this->named(...), $line->cells);
            $known = array_filter($names, static fn (?string $name): bool => $name !== null);
            if (count(array_unique($known)) > 1) {
                return $this->beside(array_slice($lines, 0, $at), $known, array_slice($lines, $at + 1));
            }
        }

        return $this->under($lines);
    }

    /**
     * @param  list<PastedLine>  $above  what stands above the names: it is said of all
     * @param  array<int, string>  $names  by column
     * @param  list<PastedLine>  $lines
     * @return list<array{?string, list<PastedLine>}>
     */
    private function beside(array $above, array $names, array $lines): array
    {
        $columns = array_keys($names);
        $sections = [];
        foreach ($columns as $place => $from) {
            $long = isset($columns[$place + 1]) ? $columns[$place + 1] - $from : null;
            $own = array_map(static function (PastedLine $line) use ($from, $long): PastedLine {
                $cells = array_slice($line->cells, $from, $long);

                return new PastedLine($line->label, $cells, trim($line->label.' '.implode(' ', $cells)));
            }, $lines);
            $sections[] = [$names[$from], [...$above, ...$own]];
        }

        return $sections;
    }

    /**
     * @param  list<PastedLine>  $lines
     * @return list<array{?string, list<PastedLine>}>
     */
    private function under(array $lines): array
    {
        $sections = [];
        $name = null;
        $own = [];
        foreach ($lines as $line) {
            $next = $line->hasCells() ? null : $this->named($line->typed);
            if ($next !== null) {
                $sections[] = [$name, $own];
                [$name, $own] = [$next, []];
            }
            $own[] = $line;
        }
        $sections[] = [$name, $own];

        return array_values(array_filter($sections, static fn (array $section): bool => $section[1] !== []));
    }

    /** An envelope of the pattern by its name, or the name of a group of sizes. */
    private function named(string $words): ?string
    {
        $plain = PlainWords::plain($words);
        foreach ($this->ranges as $range) {
            if ($range !== '' && str_contains(" {$plain} ", ' '.PlainWords::plain($range).' ')) {
                return $range;
            }
        }
        $group = RangeWords::in($words, isAlone: false);
        foreach ($this->ranges as $range) {
            if ($group !== null && str_starts_with(PlainWords::plain($range), rtrim(PlainWords::plain($group), 's'))) {
                return $range;
            }
        }

        return $group;
    }
}
