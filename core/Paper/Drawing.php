<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** Lines and labels at true size on a sheet of their own: millimetres, y down from the top left corner. */
final readonly class Drawing
{
    /**
     * @param  string  $name  what stands on every page of it
     * @param  list<Path>  $paths
     * @param  list<Label>  $labels
     */
    public function __construct(
        public string $name,
        public float $widthMm,
        public float $heightMm,
        public array $paths,
        public array $labels,
    ) {
    }

    /** @param  list<Path|Label>  $marks  drawn over it */
    public function with(array $marks): self
    {
        return new self(
            $this->name,
            $this->widthMm,
            $this->heightMm,
            [...$this->paths, ...array_values(array_filter($marks, static fn (Path|Label $mark): bool => $mark instanceof Path))],
            [...$this->labels, ...array_values(array_filter($marks, static fn (Path|Label $mark): bool => $mark instanceof Label))],
        );
    }

    /** @return list<string> in the order in which they were drawn */
    public function groups(): array
    {
        return array_values(array_unique([
            ...array_map(static fn (Path $path): string => $path->group, $this->paths),
            ...array_map(static fn (Label $label): string => $label->group, $this->labels),
        ]));
    }
}
