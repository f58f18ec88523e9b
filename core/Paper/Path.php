<?php

declare(strict_types=1);

namespace Underbolt\Paper;

/** A line on paper, of cubics one after the other. */
final readonly class Path
{
    /**
     * @param  string  $group  of the drawing that it belongs to
     * @param  list<Cubic>  $cubics  it is open where one doesn't begin at the end of the last
     */
    public function __construct(public string $group, public Pen $pen, public array $cubics)
    {
    }

    /** @param  list<array{float, float}>  $points  joined by straight lines */
    public static function through(string $group, Pen $pen, array $points): self
    {
        $spots = array_map(static fn (array $point): PaperPoint => new PaperPoint(...$point), $points);
        $cubics = array_map(Cubic::straight(...), array_slice($spots, 0, -1), array_slice($spots, 1));

        return new self($group, $pen, $cubics);
    }

    public static function box(string $group, Pen $pen, float $xMm, float $yMm, float $widthMm, float $heightMm): self
    {
        [$right, $bottom] = [$xMm + $widthMm, $yMm + $heightMm];

        return self::through($group, $pen, [[$xMm, $yMm], [$right, $yMm], [$right, $bottom], [$xMm, $bottom], [$xMm, $yMm]]);
    }

    public function moved(float $xMm, float $yMm): self
    {
        return new self($this->group, $this->pen, array_map(static fn (Cubic $cubic): Cubic => $cubic->moved($xMm, $yMm), $this->cubics));
    }

    /** @return list<non-empty-list<Cubic>> its parts that hang together */
    public function runs(): array
    {
        $runs = [];
        $run = [];
        foreach ($this->cubics as $index => $cubic) {
            if ($run !== [] && ! $this->cubics[$index - 1]->end->isAt($cubic->start)) {
                $runs[] = $run;
                $run = [];
            }
            $run[] = $cubic;
        }

        return $run === [] ? $runs : [...$runs, $run];
    }
}
