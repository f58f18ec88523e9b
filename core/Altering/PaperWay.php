<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** How the line gets from the pattern to the cloth. */
enum PaperWay: string
{
    /** From the tissue onto other paper. */
    case Trace = 'trace';

    /** Highlighted and drawn on the print itself, which is cut, with paper taped on where it grows. */
    case DrawOn = 'draw_on';

    /** Shown on the cloth by a projector. */
    case Project = 'project';

    /** The new pieces printed, as the pattern's own lines were drawn anew. */
    case Print = 'print';

    /** What is done with printed lines first, as an instruction without its stop. */
    public function asked(string $lines): string
    {
        return match ($this) {
            self::Trace, self::Print => "Trace {$lines}",
            self::DrawOn => "Highlight on the print {$lines}",
            self::Project => "Show on the cloth {$lines}",
        };
    }
}
