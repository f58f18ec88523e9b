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

    /** Whether nothing is drawn or written in a rectangle, as far as the ends of its pieces tell. */
    public function isFree(float $left, float $top, float $right, float $bottom): bool
    {
        foreach ($this->paths as $path) {
            foreach ($path->cubics as $cubic) {
                [$fromX, $toX, $fromY, $toY] = [min($cubic->start->xMm, $cubic->end->xMm), max($cubic->start->xMm, $cubic->end->xMm), min($cubic->start->yMm, $cubic->end->yMm), max($cubic->start->yMm, $cubic->end->yMm)];
                if ($toX >= $left && $fromX <= $right && $toY >= $top && $fromY <= $bottom) {
                    return false;
                }
            }
        }
        foreach ($this->labels as $label) {
            [$from, $above, $to, $below] = $label->box();
            if ($to >= $left && $from <= $right && $below >= $top && $above <= $bottom) {
                return false;
            }
        }

        return true;
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
