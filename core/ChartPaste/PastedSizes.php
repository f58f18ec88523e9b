<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** The sizes of a pasted text, each with a name of its own: those of all its tables, in the order in which they come. */
final class PastedSizes
{
    public const MOST = 60;

    /** What sizes are of that stand under no group's name. */
    private const NO_GROUP = '';

    /** Where a second line of sizes names larger ones such as `18W`, after one that has none. */
    private const LARGER = 'Plus';

    /** @var list<string> */
    private array $names = [];

    /** @var array<string, array<array-key, int>> the place of each size by its printed name, by its group */
    private array $groups = [];

    private string $group = self::NO_GROUP;

    private ?string $doubt = null;

    /** @var bool whether the first line of sizes names some of them alike: a line below it may tell them apart */
    private bool $areTwice = false;

    /** @var list<list<string>> each one for each size */
    private array $otherNames = [];

    /**
     * Takes a line of sizes in.
     *
     * @param  ?string  $group  the group of sizes that a title or the line itself names
     * @param  bool  $mayBeNew  whether sizes known already may be those of a further group: not where the same ones come again for the finished garment
     * @return list<int> the places of its sizes among all of them
     */
    public function take(PastedLine $line, ?string $group = null, bool $mayBeNew = true): array
    {
        $typed = array_slice($line->filled(), 0, self::MOST);
        [$cells, $second] = SizeWords::firstAndSecond($line->label, $typed);
        $isFirst = $this->names === [];
        // A second table may give the same sizes in another order, or some of them.
        $isKnown = array_diff($cells, $this->names) === [];
        $this->doubt ??= $isKnown ? null : self::doubtOf($line, $cells);
        if ($group === null && ! $isFirst && SizeWords::arePlus($cells) && ! SizeWords::arePlus($this->names) && array_intersect($cells, $this->names) === []) {
            $group = self::LARGER;
        }
        $isOther = $group !== null && ! isset($this->groups[$group]) && ! $isFirst && (! $isKnown || $mayBeNew);
        $this->group = $isFirst || $isOther || isset($this->groups[$group ?? '']) ? $group ?? $this->group : $this->group;
        $places = array_map(fn (string $name): int => $this->placeOf($name, isNew: $isOther), self::unique($cells));
        $this->areTwice = $isFirst && count(array_unique($cells)) < count($cells);
        if ($isFirst && ! in_array('', $second, true)) {
            $this->otherNames[] = $second;
        }

        return $places;
    }

    /** The size of the group in force, else of another, else a new one: named apart where another group has its name. */
    private function placeOf(string $name, bool $isNew): int
    {
        $mine = $this->groups[$this->group][$name] ?? null;
        foreach ($mine === null && ! $isNew ? $this->groups : [] as $others) {
            $mine ??= $others[$name] ?? null;
        }
        if ($mine === null) {
            $this->names[] = in_array($name, $this->names, true) ? "{$name} ({$this->group})" : $name;
            $mine = $this->groups[$this->group][$name] = count($this->names) - 1;
        }

        return $mine;
    }

    /** @return list<array{name: string, sizes: list<string>}> the groups of sizes that stand apart, each with its sizes; none where there is but one */
    public function ranges(): array
    {
        if (count($this->groups) < 2) {
            return [];
        }
        $ranges = [];
        foreach ($this->groups as $group => $places) {
            $sizes = array_map(fn (int $place): string => $this->names[$place], array_values($places));
            $ranges[] = ['name' => $group !== self::NO_GROUP ? $group : $sizes[0].'-'.$sizes[count($sizes) - 1], 'sizes' => $sizes];
        }

        return $ranges;
    }

    /** @return list<list<int>> the places of the sizes that are graded in one row */
    public function groups(): array
    {
        return array_map(array_values(...), array_values($this->groups));
    }

    /**
     * Where no line of sizes was found they are counted from 1.
     *
     * @return list<int>
     */
    public function counted(int $sizes): array
    {
        $sizes = min($sizes, self::MOST);
        $this->doubt ??= 'No line of sizes was found; they are counted from 1.';
        for ($place = count($this->names); $place < $sizes; $place++) {
            $this->names[] = (string) ($place + 1);
            $this->groups[$this->group][(string) ($place + 1)] = $place;
        }

        return $sizes === 0 ? [] : range(0, $sizes - 1);
    }

    /** Takes a line in that gives the sizes other names; false where it has another number of them. */
    public function alsoCalled(PastedLine $line): bool
    {
        $names = array_map(SizeWords::first(...), $line->filled());
        if (count($names) !== count($this->names)) {
            return false;
        }
        if ($this->areTwice && count(array_unique($names)) === count($names)) {
            // "S S M M" over "36 38 40 42": what tells them apart is what they are called.
            $this->otherNames[] = array_map(static fn (string $name): string => (string) preg_replace('/ \(\d+\)$/', '', $name), $this->names);
            $this->groups[$this->group] = array_combine($names, array_values($this->groups[$this->group]));
            $this->names = $names;
            $this->doubt = null;
            $this->areTwice = false;

            return true;
        }
        $this->otherNames[] = $names;

        return true;
    }

    /** @return list<list<string>> further names, each list one for each size; none where other tables have added sizes */
    public function otherNames(): array
    {
        return array_values(array_filter($this->otherNames, fn (array $names): bool => count($names) === count($this->names)));
    }

    /** @return list<string> unique */
    public function names(): array
    {
        return $this->names;
    }

    /** Why the line of sizes should be looked at. */
    public function doubt(): ?string
    {
        return $this->doubt ?? (count($this->names) > self::MOST ? 'More than '.self::MOST.' sizes.' : null);
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>
     */
    private static function unique(array $cells): array
    {
        $seen = [];
        foreach ($cells as $size) {
            $name = $size === '' ? '?' : $size;
            $free = $name;
            for ($count = 2; in_array($free, $seen, true); $count++) {
                $free = "{$name} ({$count})";
            }
            $seen[] = $free;
        }

        return $seen;
    }

    /** @param  list<string>  $names */
    private static function doubtOf(PastedLine $line, array $names): ?string
    {
        return match (true) {
            count($line->cells) > self::MOST => 'Only the first '.self::MOST.' sizes were read.',
            in_array('', $names, true) => 'A size has no name.',
            count(array_unique($names)) < count($names) => 'A size stands twice; where two envelopes use the same '
                .'letter, add the envelope to the name.',
            SizeWords::fall($names) => 'The sizes don\'t count up.',
            ! SizeWords::couldBeSizes($names) => 'Not every name here looks like a size.',
            default => null,
        };
    }
}
