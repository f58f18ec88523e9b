<?php

declare(strict_types=1);

namespace Underbolt\Sheet;

/** The sizes of a pasted chart, each with a name of its own. */
final readonly class SheetSizes
{
    public const MOST = 60;

    /**
     * @param  list<string>  $names  as pasted; counted from 1 where no line of sizes was found
     * @param  ?string  $doubt  why the line of sizes should be looked at
     */
    private function __construct(private array $names, public ?string $doubt)
    {
    }

    public static function of(TableShape $shape): self
    {
        $names = $shape->sizes->cells ?? [];
        while ($names !== [] && end($names) === '') {
            array_pop($names);
        }
        $names = array_slice($names, 0, self::MOST);

        return new self($names, self::doubtOf($shape, $names));
    }

    public function count(): int
    {
        return count($this->names);
    }

    /**
     * @param  int  $widest  how many cells the longest row has: so many are counted where no line of sizes was found
     * @return list<string> unique
     */
    public function names(int $widest): array
    {
        $names = $this->names === [] && $widest > 0 ? array_map(strval(...), range(1, min($widest, self::MOST))) : $this->names;
        $seen = [];
        foreach ($names as $size) {
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
    private static function doubtOf(TableShape $shape, array $names): ?string
    {
        return match (true) {
            $shape->sizes === null => 'No line of sizes was found; they are counted from 1.',
            count($shape->sizes->cells) > self::MOST => 'Only the first '.self::MOST.' sizes were read.',
            in_array('', $names, true) => 'A size has no name.',
            count(array_unique($names)) < count($names) => 'A size stands twice; where two envelopes use the same '
                .'letter, add the envelope to the name.',
            SizeNames::fall($names) => 'The sizes don\'t count up.',
            ! SizeNames::couldBeSizes($names) => 'Not every name here looks like a size.',
            default => null,
        };
    }
}
