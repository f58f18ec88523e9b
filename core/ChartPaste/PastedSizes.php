<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

/** The sizes of a pasted text, each with a name of its own: those of all its tables, in the order in which they come. */
final class PastedSizes
{
    public const MOST = 60;

    /** @var list<string> */
    private array $names = [];

    private ?string $doubt = null;

    /** @var list<list<string>> each one for each size */
    private array $otherNames = [];

    /**
     * Takes a line of sizes in.
     *
     * @return list<int> the places of its sizes among all of them
     */
    public function take(PastedLine $line): array
    {
        $typed = array_slice($line->filled(), 0, self::MOST);
        $cells = array_map(SizeWords::first(...), $typed);
        $isFirst = $this->names === [];
        // A second table may give the same sizes in another order, or some of them.
        $isKnown = array_diff($cells, $this->names) === [];
        $this->doubt ??= $isKnown ? null : self::doubtOf($line, $cells);
        $places = [];
        foreach (self::unique($cells) as $name) {
            $place = array_search($name, $this->names, true);
            if ($place === false) {
                $this->names[] = $name;
                $place = count($this->names) - 1;
            }
            $places[] = $place;
        }
        $second = array_map(SizeWords::second(...), $typed);
        if ($isFirst && ! in_array('', $second, true)) {
            $this->otherNames[] = $second;
        }

        return $places;
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
