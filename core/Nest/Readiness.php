<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Whether a line can be drawn on a drawing whatever sizes a make is cut in. */
final class Readiness
{
    /** @throws UnreadableNest naming what is missing, of each size that can't be followed */
    public static function check(NestDrawing $drawing, NestMarks $marks): void
    {
        $upright = new Upright($marks);
        $faults = [];
        foreach (array_map(strval(...), array_keys($marks->lines)) as $size) {
            try {
                $line = SizeLine::of($size, $drawing, $marks, $upright);
                match ($marks->reach) {
                    Reach::Whole => $line->sections($marks->waistY, $marks->hipY),
                    Reach::FromWaist => $line->below($marks->hipY),
                    Reach::ToWaist => null,
                };
            } catch (UnreadableNest $refusal) {
                array_push($faults, ...$refusal->faults());
            }
        }
        if ($faults !== []) {
            throw UnreadableNest::with($faults);
        }
    }
}
