<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** A drawing as it was read: its lines in millimetres from its own top left corner. */
final readonly class NestDrawing
{
    /**
     * @param  list<DrawnLine>  $lines
     * @param  bool  $hasSize  whether it says how large it is; else a dot of a screen is taken for its unit
     * @param  list<string>  $notes  what was left out, in sentences
     */
    public function __construct(
        public array $lines,
        public float $widthMm,
        public float $heightMm,
        public bool $hasSize,
        public array $notes,
    ) {
    }

    /**
     * The line of an id, of several ids with spaces between, or all lines of the group of that name; its parts joined.
     *
     * @param  list<array{float, float}>  $near  places that are marked on it: they tell which, where its parts don't meet
     *
     * @throws UnreadableNest
     */
    public function line(string $id, string $field, array $near = []): Line
    {
        $parts = $this->named($id);
        if ($parts === []) {
            foreach (explode(' ', $id) as $one) {
                $found = $this->named($one);
                // Several ids may have become one line.
                $parts = $found === [] ? throw UnreadableNest::at($field, "there is no line \"{$one}\" in the drawing") : $parts + array_column($found, null, 'id');
            }
        }

        return JoinedLine::of(array_merge(...array_map(static fn (DrawnLine $line): array => $line->runs, array_values($parts))), $near);
    }

    /** @return list<DrawnLine> that of the id alone, else all of the group */
    private function named(string $name): array
    {
        $own = array_filter($this->lines, static fn (DrawnLine $line): bool => $line->id === $name);

        return array_values($own === [] ? array_filter($this->lines, static fn (DrawnLine $line): bool => in_array($name, $line->names, true)) : $own);
    }

    /**
     * What of it is drawn within a frame: the lines that have their middle there.
     *
     * @param  array{array{float, float}, array{float, float}}  $frame  two of its corners
     */
    public function framed(array $frame): self
    {
        [[$x, $y], [$toX, $toY]] = $frame;

        return $this->with(array_values(array_filter($this->lines, static function (DrawnLine $line) use ($x, $y, $toX, $toY): bool {
            $boxes = array_map(static fn (Line $run): array => $run->box(), $line->runs);
            $middleX = (min(array_column($boxes, 0)) + max(array_column($boxes, 2))) / 2;
            $middleY = (min(array_column($boxes, 1)) + max(array_column($boxes, 3))) / 2;

            return $middleX >= min($x, $toX) && $middleX <= max($x, $toX) && $middleY >= min($y, $toY) && $middleY <= max($y, $toY);
        })));
    }

    /**
     * @param  list<DrawnLine>  $lines  in the place of those it has
     * @param  list<string>  $said  of what was left out, beside what is said already
     */
    public function with(array $lines, array $said = []): self
    {
        return new self($lines, $this->widthMm, $this->heightMm, $this->hasSize, [...$this->notes, ...$said]);
    }

    /** The same at another size: where it did not say its own. */
    public function scaled(float $by): self
    {
        $scale = static fn (Line $run): Line => $run->changed(static fn (float $x, float $y): array => [$x * $by, $y * $by]);
        $lines = array_map(
            static fn (DrawnLine $line): DrawnLine => new DrawnLine($line->id, $line->names, $line->stroke, $line->dash, array_map($scale, $line->runs)),
            $this->lines,
        );

        return new self($lines, $this->widthMm * $by, $this->heightMm * $by, true, $this->notes);
    }
}
