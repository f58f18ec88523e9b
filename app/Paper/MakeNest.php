<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Nest;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\NestPaper;
use Underbolt\Paper\Drawing;
use Underbolt\Refusal;

/** A make on the drawing of one piece of its pattern. */
final readonly class MakeNest
{
    private function __construct(private MakePaper $paper, private Nest $nest, public NestDrawing $drawn, public NestMarks $marks, public NestLine $line)
    {
    }

    /** @throws Refusal when there is no line on it */
    public static function of(MakePaper $paper, string $piece): self
    {
        $nest = $paper->make->pattern->nests()->where('piece', $piece)->firstOrFail();
        $drawn = $nest->drawn();
        $marks = $nest->marked($drawn);

        return new self($paper, $nest, $drawn, $marks, NestLine::of($paper->plan, $drawn, $marks));
    }

    public function title(): string
    {
        return "{$this->paper->title()} · {$this->nest->piece}";
    }

    public function fileName(string $ending): string
    {
        return $this->paper->fileName("{$this->nest->piece}.{$ending}");
    }

    /** With the printed lines of all sizes that are named. */
    public function drawing(): Drawing
    {
        return NestPaper::of($this->drawn, array_values($this->marks->lines), $this->line, $this->title());
    }
}
