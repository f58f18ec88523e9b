<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

/** What a pattern calls its sizes, fits, views and cups: a letter beside a piece is one of these, looked for in this order. */
final readonly class PatternNames
{
    /**
     * @param  list<string>  $sizes
     * @param  list<string>  $fits
     * @param  list<string>  $views
     * @param  list<string>  $cups
     */
    public function __construct(public array $sizes = [], public array $fits = [], public array $views = [], public array $cups = [])
    {
    }

    /** @return 'size'|'fit'|'view'|'cup'|null null for a name that is none of its own */
    public function kindOf(string $name): ?string
    {
        foreach (['size' => $this->sizes, 'fit' => $this->fits, 'view' => $this->views, 'cup' => $this->cups] as $kind => $names) {
            if ($this->own($names, $name) !== null) {
                return $kind;
            }
        }

        return null;
    }

    /** As the pattern writes it; itself where the pattern doesn't. */
    public function written(string $name): string
    {
        return $this->own([...$this->fits, ...$this->views, ...$this->cups], $name) ?? $name;
    }

    /** @param  list<string>  $names */
    private function own(array $names, string $name): ?string
    {
        foreach ($names as $one) {
            if (mb_strtolower($one) === mb_strtolower($name)) {
                return $one;
            }
        }

        return null;
    }
}
