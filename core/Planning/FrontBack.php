<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Level;

/** Front and back cut in unlike sizes at one level, so that the sum stays (trade: bodies that carry more in front). */
final readonly class FrontBack
{
    /** @param  ?Length  $change  how much the whole girth changes by it; 0 where both steps are alike, null where no figures are printed */
    private function __construct(public Level $level, public int $front, public int $back, public ?Length $change)
    {
    }

    /**
     * The levels at which front and back are unlike.
     *
     * @param  array<string, int>  $sizes  by level
     * @return list<self>
     */
    public static function all(Situation $situation, array $sizes): array
    {
        $front = SideSeam::shifted($situation, $sizes, 1);
        $back = SideSeam::shifted($situation, $sizes, -1);
        $unlike = [];
        foreach ($situation->measured() as $name => $facts) {
            if ($front[$name] !== $back[$name]) {
                $row = $facts->finished ?? $facts->chart;
                $half = $row->at($front[$name]);
                $other = $row->at($back[$name]);
                $whole = $row->at($sizes[$name]);
                $change = $half === null || $other === null || $whole === null ? null : $half->plus($other)->dividedBy(2)->minus($whole);
                $unlike[] = new self($facts->level, $front[$name], $back[$name], $change);
            }
        }

        return $unlike;
    }
}
