<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

use Underbolt\Measure\LengthKind;

/** A length that a chart prints for each size, by its name in the make file. */
enum LengthRow: string
{
    case UnderarmToWaist = 'underarm_to_waist';
    case WaistToHip = 'waist_to_hip';
    case HipToHem = 'hip_to_hem';
    case WaistToHemEdge = 'waist_to_hem_edge';

    /** From nape to waist on the body that a size is drafted for. */
    case BackLength = 'back_length';

    /** Of the garment, down the centre back. */
    case FinishedLength = 'finished_length';

    /** That a size is drafted for. */
    case Height = 'height';

    /** Where it stands in the make file: with the paper's side seam, which the plan is drawn by, or beside it. */
    public function part(): string
    {
        return match ($this) {
            self::UnderarmToWaist, self::WaistToHip, self::HipToHem, self::WaistToHemEdge => 'seam',
            self::BackLength, self::FinishedLength, self::Height => 'lengths',
        };
    }

    public function kind(): LengthKind
    {
        return LengthKind::Along;
    }

    /** Lengths of one unit look like girths of the other. */
    public function tellsUnit(): bool
    {
        return false;
    }

    /** It stands in neither of the two charts. */
    public function isFinished(): bool
    {
        return false;
    }
}
