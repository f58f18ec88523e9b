<?php

declare(strict_types=1);

namespace App\Http\Resources\Nest;

use App\Paper\MakePaper;

/** A make on its pattern's own lines: those that stay, and the one that follows the choices. */
final readonly class MakeNestData
{
    /** @param  list<NestPrintedData>  $printed */
    public function __construct(
        public array $printed,
        public NestLinesData $lines,
    ) {
    }

    public static function of(MakePaper $paper): self
    {
        return new self(array_map(NestPrintedData::of(...), $paper->nests()), NestLinesData::of($paper));
    }
}
