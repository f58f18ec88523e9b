<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** The side from which the dress stand is drawn for a point. */
enum StandView: string
{
    case Front = 'front';
    case Back = 'back';
    case Side = 'side';
    case Arm = 'arm';
}
