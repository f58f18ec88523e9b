<?php

declare(strict_types=1);

namespace App\Models;

use stdClass;
use Underbolt\Pattern\CountedLines;
use Underbolt\Pattern\Pattern;

/** Sizes in what was typed of a make: kept under the pattern's names, shown as the make shows them. */
final readonly class SizeWords
{
    /** @param  array<string, string>  $counted  the places of the lines, by what the pattern calls the sizes */
    private function __construct(private bool $areHidden, private array $counted)
    {
    }

    public static function of(SizeLabels $labels, ?Pattern $pattern): self
    {
        $counted = $pattern === null ? [] : array_combine($pattern->sizes, CountedLines::of($pattern));

        return new self($labels === SizeLabels::Hidden, $counted);
    }

    /** @param  stdClass  $document  choices or a verdict, with `sizes` by level */
    public function shown(stdClass $document): stdClass
    {
        return $this->areHidden ? self::renamed($document, $this->counted) : $document;
    }

    /** Whatever it came under: a page may have been opened before the wearer's sizes were hidden, or shown again. */
    public function kept(stdClass $document): stdClass
    {
        return self::renamed($document, array_flip($this->counted));
    }

    /** @param  array<string, string>  $names */
    private static function renamed(stdClass $document, array $names): stdClass
    {
        if (! ($document->sizes ?? null) instanceof stdClass) {
            return $document;
        }
        $renamed = clone $document;
        $renamed->sizes = (object) array_map(
            static fn (mixed $size): mixed => is_string($size) ? $names[$size] ?? $size : $size,
            (array) $document->sizes,
        );

        return $renamed;
    }
}
