<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Paper;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\LengthRow;

/** Lengths that the chart prints beside those of the side seam: one for all sizes, or one for each. Nothing is changed by them of itself. */
final readonly class PrintedLengths
{
    /** @param  array<string, Length|list<?Length>>  $rows  by their name in the make file */
    public function __construct(private array $rows = [])
    {
    }

    public function prints(LengthRow $row): bool
    {
        return isset($this->rows[$row->value]);
    }

    /** Null where it is not printed, or not for this size. */
    public function at(LengthRow $row, ?int $size): ?Length
    {
        $printed = $this->rows[$row->value] ?? null;

        return is_array($printed) ? $printed[$size ?? -1] ?? null : $printed;
    }
}
