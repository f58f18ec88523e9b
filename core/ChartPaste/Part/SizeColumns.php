<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

use Underbolt\ChartPaste\PastedLine;
use Underbolt\ChartPaste\SizeWords;

/** Which of a pattern's sizes each column of a pasted table stands for: one, or several as in `8-12` and `XS/S`. */
final readonly class SizeColumns
{
    /**
     * @param  list<string>  $sizes  the pattern's
     * @param  list<list<int>>  $places  of the sizes, by column
     * @param  list<string>  $leftOut  heads that name none of them, told so
     */
    private function __construct(private array $sizes, private array $places, public array $leftOut)
    {
    }

    /** @param  list<string>  $sizes  the pattern's */
    public static function of(PastedLine $line, array $sizes): self
    {
        $heads = $line->filled();
        $places = array_map(static fn (string $head): array => self::placesOf($head, $sizes), $heads);
        $unknown = array_filter($heads, static fn (string $head, int $at): bool => $places[$at] === [] && preg_match('/^(?:|width|breite|largeur|breedte)$/i', $head) !== 1, ARRAY_FILTER_USE_BOTH);

        return new self($sizes, $places, array_map(static fn (string $head): string => "{$head}: is no size of this pattern", array_values($unknown)));
    }

    /**
     * Columns that name no sizes are the sizes one after the other.
     *
     * @param  list<string>  $sizes
     */
    public static function inOrder(array $sizes): self
    {
        return new self($sizes, array_map(static fn (int $place): array => [$place], array_keys($sizes)), []);
    }

    /**
     * @param  list<string>  $cells
     * @return list<?string> one for each size of the pattern; null where nothing stands
     */
    public function under(array $cells): array
    {
        $under = array_map(static fn (): ?string => null, $this->sizes);
        foreach ($this->places as $column => $places) {
            foreach ($places as $place) {
                $cell = trim($cells[$column] ?? '');
                $under[$place] = $cell === '' ? null : $cell;
            }
        }

        return array_values($under);
    }

    /** Whether a column stands under no size. */
    public function isUnnamed(int $column): bool
    {
        return ($this->places[$column] ?? null) === [];
    }

    public function count(): int
    {
        return count($this->places);
    }

    /**
     * @param  list<string>  $sizes
     * @return list<int>
     */
    private static function placesOf(string $head, array $sizes): array
    {
        $plain = static fn (string $name): string => strtoupper(trim($name));
        $known = array_map($plain, $sizes);
        foreach ([$head, SizeWords::first($head)] as $name) {
            $place = array_search($plain($name), $known, true);
            if ($place !== false) {
                return [$place];
            }
        }
        $ends = preg_split('/\s*(?:-|\bto\b|\bbis\b)\s*/', $head);
        $places = array_map(static fn (string $end): int|false => array_search($plain($end), $known, true), $ends === false ? [] : $ends);
        if (count($places) === 2 && ! in_array(false, $places, true) && $places[0] < $places[1]) {
            return range($places[0], $places[1]);
        }
        $listed = preg_split('/\s*[\/,+&]\s*/', $head);
        $places = array_map(static fn (string $one): int|false => array_search($plain($one), $known, true), $listed === false ? [] : $listed);

        return in_array(false, $places, true) ? [] : array_map(intval(...), $places);
    }
}
