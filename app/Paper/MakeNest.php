<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Nest;
use App\Models\Pattern;
use App\Models\SizeLabels;
use Underbolt\Measure\Length;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\NestPaper;
use Underbolt\Nest\NestSeam;
use Underbolt\Nest\NestSvg;
use Underbolt\Paper\Drawing;
use Underbolt\Planning\Plan;
use Underbolt\Refusal;

/** A make on the drawing of one piece of its pattern. */
final class MakeNest
{
    private ?NestLine $line = null;

    /** @param  NestMarks  $marks  with the ends of the sizes that the make is cut in */
    private function __construct(
        private readonly string $title,
        public readonly NestDrawing $drawing,
        public readonly NestMarks $marks,
        public readonly NestSeam $seam,
        private readonly Length $stationEvery,
    ) {
    }

    /** The seam with the whole of its piece: drawn where that is asked for, as the stations need the seam alone. */
    public function line(): NestLine
    {
        return $this->line ??= NestLine::along($this->seam, $this->stationEvery);
    }

    /**
     * @param  Pattern  $pattern  that it is of
     * @param  array<string, string>  $names  what the plan calls the sizes, by what the pattern calls them
     *
     * @throws Refusal when there is no line on it
     */
    public static function of(Nest $nest, Pattern $pattern, Plan $plan, array $names, string $title): self
    {
        $drawing = $nest->drawn();
        $nest->settle($drawing, $pattern);
        $sizes = ($nest->piece === 'front' ? $plan->frontBack->front : $plan->frontBack->back)->known();
        $marks = $nest->marked($drawing, $names, array_values(array_map($plan->nameOf(...), $sizes)));

        return new self($title, $drawing, $marks, NestSeam::of($plan, $drawing, $marks), $plan->make->choices->stationEvery);
    }

    /** For paper and projector, with the printed lines of all sizes that are named. */
    public function drawn(): Drawing
    {
        return NestPaper::of($this->drawing, array_values($this->marks->lines), $this->line(), $this->title);
    }

    public function svg(SizeLabels $labels): string
    {
        return NestSvg::of($this->drawing, $this->marks->lines, $this->line(), $this->title, $labels === SizeLabels::Shown);
    }
}
