<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Nest;
use App\Models\Pattern;
use App\Models\SizeLabels;
use Underbolt\Altering\TrueSeams;
use Underbolt\Nest\AllowanceWords;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestDxf;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\NestPaper;
use Underbolt\Nest\NestSeam;
use Underbolt\Nest\NestSvg;
use Underbolt\Nest\NestWords;
use Underbolt\Nest\SeamDifference;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\Label;
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
        private readonly Plan $plan,
        private readonly string $piece,
    ) {
    }

    /** The seam with the whole of its piece: drawn where that is asked for, as the stations need the seam alone. */
    public function line(): NestLine
    {
        return $this->line ??= $this->drawnLine(0.0, null);
    }

    /** Where it comes out longer than the other side, what is done about it. */
    public function trued(SeamDifference $difference, TrueSeams $how): void
    {
        $this->line = $this->drawnLine($how === TrueSeams::Hem ? $difference->mm : 0.0, $how === TrueSeams::Ease ? $difference->part : null);
    }

    private function drawnLine(float $offHemMm, ?int $easedPart): NestLine
    {
        $asked = $this->plan->make;

        return NestLine::along($this->seam, $asked->choices->stationEvery, $this->marks->lineIs, $asked->pattern->seam->seamAllowance, $offHemMm, $easedPart);
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
        $sizes = ($nest->drawnPiece()->isFront() ? $plan->frontBack->front : $plan->frontBack->back)->known();
        $marks = $nest->marked($drawing, $names, array_values(array_map($plan->nameOf(...), $sizes)));

        return new self($title, $drawing, $marks, NestSeam::of($plan, $drawing, $marks), $plan, $nest->piece);
    }

    /** For paper and projector, with the printed lines of all sizes that are named. */
    public function drawn(): Drawing
    {
        return NestPaper::of($this->drawing, $this->marks->lines, $this->line(), $this->title, $this->words());
    }

    public function svg(SizeLabels $labels): string
    {
        return NestSvg::of($this->drawing, $this->marks->lines, $this->line(), $this->title, $labels === SizeLabels::Shown, $this->words());
    }

    public function dxf(SizeLabels $labels): string
    {
        return NestDxf::of($this->drawing, $this->marks->lines, $this->line(), str_replace('_', ' ', $this->piece), $this->title, $labels === SizeLabels::Shown);
    }

    /** @return list<string> what is to be known of it before it is cut */
    public function says(): array
    {
        return ['Finished paper: cut it out, nothing is to be traced or drawn on it.', ...AllowanceWords::on($this->line(), $this->plan)];
    }

    /** @return list<Label> */
    private function words(): array
    {
        return NestWords::of($this->seam, $this->line(), $this->plan, $this->plan->make->choices->stationEvery, $this->piece, $this->title, $this->says());
    }
}
