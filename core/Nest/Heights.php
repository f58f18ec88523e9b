<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Where a line first comes to a height, for who asks it at hundreds: millimetres, y down. */
final readonly class Heights
{
    /** @var list<float> the least height up to the end of each piece */
    private array $top;

    /** @var list<float> the greatest */
    private array $bottom;

    public function __construct(private Line $line)
    {
        $top = $bottom = [];
        $least = $most = $line->y[0];
        foreach (array_slice($line->y, 1) as $y) {
            $top[] = $least = min($least, $y);
            $bottom[] = $most = max($most, $y);
        }
        $this->top = $top;
        $this->bottom = $bottom;
    }

    /** The x of the first place that is so high; null where the line never comes there. */
    public function x(float $height): ?float
    {
        $last = count($this->top) - 1;
        if ($height < $this->top[$last] || $height > $this->bottom[$last]) {
            return null;
        }
        // A line has no gaps: it comes to a height in the first piece by whose end there was less and more.
        [$low, $high] = [0, $last];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($height < $this->top[$middle] || $height > $this->bottom[$middle]) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        [$from, $to] = [$this->line->y[$low], $this->line->y[$low + 1]];
        $share = $from === $to ? 0.0 : ($height - $from) / ($to - $from);

        return $this->line->x[$low] + $share * ($this->line->x[$low + 1] - $this->line->x[$low]);
    }
}
