<?php

declare(strict_types=1);

namespace App\Models;

use stdClass;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\CountedLines;
use Underbolt\Pattern\Pattern as CorePattern;

/** Sizes in what was typed of a make, or of a whole company: kept under the pattern's names, shown as its wearer would have them. */
final readonly class SizeWords
{
    public function __construct(private Pattern $pattern, private SizeLabels $labels)
    {
    }

    /** @param  stdClass  $document  choices or a verdict, with `sizes` by level */
    public function shown(stdClass $document): stdClass
    {
        return $this->labels === SizeLabels::Hidden ? $this->renamed($document, $this->counted()) : $document;
    }

    /** One size by what the pattern calls it. */
    public function name(string $size): string
    {
        return $this->labels === SizeLabels::Hidden ? $this->counted()[$size] ?? $size : $size;
    }

    /** @return array<string, list<string>> by envelope, how the sizes are called that nest with its own */
    public function byRange(CorePattern $pattern): array
    {
        $names = $this->labels === SizeLabels::Hidden ? CountedLines::of($pattern) : $pattern->sizes;
        $of = [];
        foreach ($pattern->ranges as $range) {
            $of[$range->name] = array_map(static fn (int $size): string => $names[$size], $pattern->sizesOfDraft($range->draft));
        }

        return $of;
    }

    /** Whatever it came under: a page may have been opened before the wearer's sizes were hidden, or shown again. */
    public function kept(stdClass $document): stdClass
    {
        $own = $this->pattern->document->sizes ?? null;
        $isOwn = is_array($own) && array_diff(array_filter(self::sizes($document), is_string(...)), array_filter($own, is_string(...))) === [];

        // The pattern is read only where something has to be named otherwise.
        return $isOwn ? $document : $this->renamed($document, array_map(strval(...), array_flip($this->counted())));
    }

    /** @return array<string, string> the places of the lines, by what the pattern calls the sizes */
    private function counted(): array
    {
        $pattern = $this->pattern->toCore(new FaultLog);

        return $pattern === null ? [] : array_combine($pattern->sizes, CountedLines::of($pattern));
    }

    /** @return array<mixed> by level */
    private static function sizes(stdClass $document): array
    {
        $sizes = $document->sizes ?? null;

        return $sizes instanceof stdClass ? get_object_vars($sizes) : [];
    }

    /** @param  array<string, string>  $names */
    private function renamed(stdClass $document, array $names): stdClass
    {
        $sizes = self::sizes($document);
        if ($sizes === []) {
            return $document;
        }
        $renamed = clone $document;
        $renamed->sizes = (object) array_map(static fn (mixed $size): mixed => is_string($size) ? $names[$size] ?? $size : $size, $sizes);

        return $renamed;
    }
}
